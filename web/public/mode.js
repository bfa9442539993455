// Sets the mode before anything is painted: what was chosen here, else what the device asks for.
;(function () {
  var chosen = null
  try {
    chosen = localStorage.getItem('strophos.mode')
  } catch {
    // storage can be forbidden; the device's wish is followed then
  }
  var dark = matchMedia('(prefers-color-scheme: dark)').matches
  var sun = matchMedia('(prefers-contrast: more)').matches
  document.documentElement.className = chosen || (sun ? 'sun' : dark ? 'dark' : 'light')
})()
