const STYLES = [
  'fill',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'stroke-linecap',
  'stroke-linejoin',
  'opacity',
  'font-size',
  'font-weight',
  'text-anchor',
] as const

/** The drawing as a file of its own: what the page's style sheet says of it is written into it. */
export function drawingFile(drawing: SVGSVGElement): string {
  const copy = drawing.cloneNode(true) as SVGSVGElement
  const from = drawing.querySelectorAll<SVGElement>('*')
  copy.querySelectorAll<SVGElement>('*').forEach((element, i) => {
    const original = from[i]
    if (!original) return
    const style = getComputedStyle(original)
    for (const name of STYLES) {
      const value = style.getPropertyValue(name)
      if (value !== '') element.style.setProperty(name, value)
    }
    element.removeAttribute('class')
  })
  copy.removeAttribute('class')
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  copy.setAttribute('font-family', 'sans-serif')
  return new XMLSerializer().serializeToString(copy)
}

export function saveDrawing(drawing: SVGSVGElement, name: string) {
  const url = URL.createObjectURL(new Blob([drawingFile(drawing)], { type: 'image/svg+xml' }))
  const link = document.createElement('a')
  link.href = url
  link.download = `${name}.svg`
  link.click()
  URL.revokeObjectURL(url)
}
