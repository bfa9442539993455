import type { News } from './news'

const PATH = '/api/v1/live'
const NAME = 'strophos-live'
/** After the server has turned the stream away, which the browser does not try again by itself. */
const AGAIN_MS = 10_000

/** The stream itself, opened again until it is closed. Returns what closes it. */
export function openStream(tell: (news: News) => void): () => void {
  let source: EventSource
  let timer: ReturnType<typeof setTimeout> | undefined
  const open = () => {
    source = new EventSource(PATH)
    source.addEventListener('again', () => tell(null))
    source.addEventListener('news', (e: MessageEvent<string>) => tell(JSON.parse(e.data) as News))
    source.addEventListener('error', () => {
      if (source.readyState === EventSource.CLOSED) timer = setTimeout(open, AGAIN_MS)
    })
  }
  open()
  return () => {
    clearTimeout(timer)
    source.close()
  }
}

/**
 * News while this page is looked at: one of the browser's tabs has the stream and passes the news on to the others.
 * Returns what ends it.
 */
export function listen(tell: (news: News) => void): () => void {
  const others = new BroadcastChannel(NAME)
  others.onmessage = (e: MessageEvent<News>) => tell(e.data)
  const tellAll = (news: News) => {
    tell(news)
    others.postMessage(news)
  }
  const end = new AbortController()
  const haveStream = () =>
    new Promise<void>((done) => {
      const close = openStream(tellAll)
      end.signal.addEventListener('abort', () => {
        close()
        done()
      })
    })
  navigator.locks.request(NAME, { signal: end.signal }, haveStream).catch(() => undefined)
  return () => {
    end.abort()
    others.close()
  }
}
