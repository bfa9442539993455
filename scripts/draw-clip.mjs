// Draws the clip that ships: our horse from the side at a pace, at a walk and at a trot, every landing known, and the moments of an ask on long reins.
// node scripts/draw-clip.mjs   writes examples/clip: horse.webm with its landings in horse.json, a smaller copy and another clip, and what the demo says of it. Needs ffmpeg and Chromium.
import { execFileSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

const to = new URL('../examples/clip/', import.meta.url)
const FRAMES_A_SECOND = 30

/** Left and right differ at the pace: nearly together on the left, apart on the right. */
const PARTS = [
  { gait: 'pace', strideS: 1.07, left: 0.06, right: 0.24, stance: 0.58, reach: 0.3, strides: 9 },
  { gait: 'walk', strideS: 1.09, left: 0.25, right: 0.25, stance: 0.62, reach: 0.32, strides: 9 },
  { gait: 'trot', strideS: 0.76, left: 0.5, right: 0.5, stance: 0.42, reach: 0.36, strides: 12 },
]

/** The same strides each time: they vary by 2 in 100, as a horse's do. */
function chance(seed) {
  let state = seed
  return () => {
    state = (state * 1664525 + 1013904223) % 4294967296
    return state / 4294967296
  }
}

const random = chance(20261130)
const strides = []
let at = 0.4
for (const part of PARTS) {
  for (let i = 0; i < part.strides; i++) {
    const lasts = part.strideS * (1 + 0.02 * (random() + random() + random() - 1.5))
    strides.push({ ...part, at, lasts })
    at += lasts
  }
}
const seconds = at + 0.4
/** On long reins out of the pace: lightly, after a second again, the first stride at walk is the answer, and the reins give. */
const answerS = strides.find(({ gait }) => gait === 'walk').at
const ask = { askedS: answerS - 1.6, reinforcedS: answerS - 0.6, answerS, letGoS: answerS + 0.4 }
const landings = strides.flatMap(({ gait, at, lasts, left, right }) => [
  { gait, foot: 'LEFT_HIND', ms: Math.round(1000 * at) },
  { gait, foot: 'LEFT_FORE', ms: Math.round(1000 * (at + left * lasts)) },
  { gait, foot: 'RIGHT_HIND', ms: Math.round(1000 * (at + 0.5 * lasts)) },
  { gait, foot: 'RIGHT_FORE', ms: Math.round(1000 * (at + (0.5 + right) * lasts)) },
])

const source = readFileSync(new URL('../web/src/see/horseFromTheSide.ts', import.meta.url), 'utf8')
const path = (name) =>
  [...new RegExp(`${name} =([^;]*?)\\n\\n`, 's').exec(source + '\n\n')[1].matchAll(/'([^']*)'/g)].map((m) => m[1]).join('')
const paths = Object.fromEntries(['BELLY_TO_CREST', 'HIND', 'FORE', 'TAIL', 'MANE'].map((n) => [n, path(n)]))

const frames = Math.floor(seconds * FRAMES_A_SECOND)

/** Runs in the browser, which can draw our paths: all frames, a line each. */
function drawAll({ strides, ask, paths, frames, framesASecond }) {
    const canvas = document.querySelector('canvas')
    const ctx = canvas.getContext('2d')
    const shape = Object.fromEntries(Object.entries(paths).map(([name, d]) => [name, new Path2D(d)]))
    /** How far round its stride a foot is, 0 where it lands. */
    const phase = (s, t, lag) => (((t - s.at) / s.lasts - lag) % 1 + 1) % 1
    const strideAt = (t) => strides.findLast((s) => t >= s.at) ?? strides[0]
    const leg = (s, p, which, hip, colour, aside) => {
      const isDown = p < s.stance
      const swing = (p - s.stance) / (1 - s.stance)
      const angle = isDown ? s.reach * (1 - (2 * p) / s.stance) : -s.reach * Math.cos(Math.PI * swing)
      const lift = isDown ? 1 : 1 - 0.16 * Math.sin(Math.PI * Math.min(1, Math.max(0.12, swing * 1.02)))
      ctx.save()
      ctx.translate(hip.x + aside, hip.y)
      ctx.rotate(-angle)
      // the further a leg reaches, the longer it must be to stand
      ctx.scale(1, isDown ? 1 / Math.cos(angle) : lift)
      ctx.translate(-hip.x, -hip.y)
      ctx.fillStyle = colour
      ctx.fill(shape[which])
      ctx.restore()
    }
    const draw = (t) => {
      ctx.fillStyle = '#dfe7ea'
      ctx.fillRect(0, 0, 640, 360)
      ctx.fillStyle = '#c9b48f'
      ctx.fillRect(0, 306, 640, 54)
      const s = strideAt(t)
      ctx.strokeStyle = '#ffffff'
      ctx.lineWidth = 5
      const way = (t * 150) % 160
      for (let x = -way; x < 660; x += 160) {
        ctx.beginPath()
        ctx.moveTo(x, 214)
        ctx.lineTo(x, 300)
        ctx.stroke()
      }
      for (const y of [218, 258]) {
        ctx.beginPath()
        ctx.moveTo(0, y)
        ctx.lineTo(640, y)
        ctx.stroke()
      }
      ctx.save()
      ctx.translate(130, 22 + 2 * Math.sin((4 * Math.PI * (t - s.at)) / s.lasts))
      ctx.scale(1, 1)
      const far = '#8d7a6b'
      const near = '#5a4536'
      // it looks to the right: its right side is near
      leg(s, phase(s, t, 0), 'HIND', { x: 84, y: 158 }, far, 12)
      leg(s, phase(s, t, s.left), 'FORE', { x: 206, y: 176 }, far, 12)
      ctx.fillStyle = near
      ctx.fill(shape.TAIL)
      ctx.fillStyle = '#6d5646'
      ctx.fill(shape.BELLY_TO_CREST)
      leg(s, phase(s, t, 0.5), 'HIND', { x: 84, y: 158 }, near, 0)
      leg(s, phase(s, t, 0.5 + s.right), 'FORE', { x: 206, y: 176 }, near, 0)
      ctx.fillStyle = near
      ctx.fill(shape.MANE)
      ctx.beginPath()
      ctx.arc(254, 85, 2.6, 0, 7)
      ctx.fill()
      // the rein hangs, is taken, is taken more, and hangs again
      const isTaken = t >= ask.askedS && t < ask.letGoS
      const isMore = isTaken && t >= ask.reinforcedS
      ctx.strokeStyle = '#16242b'
      ctx.lineWidth = isMore ? 4 : 2.5
      ctx.beginPath()
      ctx.moveTo(276, 124)
      ctx.quadraticCurveTo(80, isMore ? 104 : isTaken ? 122 : 176, -134, 92)
      ctx.stroke()
      ctx.restore()
    }
    const drawn = Array.from({ length: frames }, (_, i) => {
      draw(i / framesASecond)
      return canvas.toDataURL('image/png').split(',')[1]
    })
    document.querySelector('pre').textContent = drawn.join(' ')
}

const work = mkdtempSync(join(tmpdir(), 'draw-clip-'))
const page = join(work, 'page.html')
const given = JSON.stringify({ strides, ask, paths, frames, framesASecond: FRAMES_A_SECOND })
writeFileSync(
  page,
  `<canvas width="640" height="360"></canvas><pre></pre><script>(${drawAll.toString()})(${given})</script>`,
)
const shell = process.env.CHROMIUM ?? '/usr/bin/chromium-headless-shell'
const dom = execFileSync(shell, ['--headless', '--no-sandbox', '--dump-dom', `file://${page}`], {
  maxBuffer: 1 << 30,
  stdio: ['ignore', 'pipe', 'ignore'],
}).toString()
const pictures = /<pre>([^<]*)<\/pre>/.exec(dom)[1].split(' ').map((png) => Buffer.from(png, 'base64'))
const png = ['-f', 'image2pipe', '-framerate', String(FRAMES_A_SECOND), '-c:v', 'png', '-i', '-']
const vp9 = ['-c:v', 'libvpx-vp9', '-b:v', '0', '-g', '30', '-pix_fmt', 'yuv420p', '-bitexact']

/** Writes a clip of the first so many frames. */
function write(name, of, ...how) {
  execFileSync('ffmpeg', ['-y', '-loglevel', 'error', ...png, ...vp9, ...how, new URL(name, to).pathname], {
    input: Buffer.concat(pictures.slice(0, of)),
    stdio: ['pipe', 'inherit', 'inherit'],
  })
}

write('horse.webm', frames, '-crf', '38')
// as a messenger makes it smaller, and another that is no copy of it
write('horse-smaller.webm', frames, '-crf', '50', '-vf', 'scale=240:-2')
write('another.webm', 2 * FRAMES_A_SECOND, '-crf', '50', '-vf', 'scale=240:-2')

/** Files as phones and messengers make them, two seconds each. */
const two = Buffer.concat(pictures.slice(0, 2 * FRAMES_A_SECOND))
const small = ['-crf', '50', '-vf', 'scale=240:-2']
const pictured = (rate) => ['-f', 'image2pipe', '-framerate', String(rate), '-c:v', 'png', '-i', '-']
const ffmpeg = (given, ...args) =>
  execFileSync('ffmpeg', ['-y', '-loglevel', 'error', ...args], {
    input: given,
    stdio: ['pipe', 'pipe', 'inherit'],
    maxBuffer: 1 << 24,
  })
const named = (name) => new URL(name, to).pathname
ffmpeg(Buffer.concat(pictures.slice(0, 120)), ...pictured(60), ...vp9, ...small, named('sixty.webm'))
// frames of one, two and three thirtieths
const unlike = "select='not(mod(n,5))+not(mod(n,3))',scale=240:-2"
ffmpeg(two, ...pictured(30), '-vf', unlike, '-fps_mode', 'vfr', ...vp9, '-crf', '50', named('unlike.webm'))
// written as it is filmed, and never closed: it says no length, and cannot be sought by an index
writeFileSync(named('unclosed.webm'), ffmpeg(two, ...pictured(30), ...vp9, ...small, '-f', 'webm', '-live', '1', 'pipe:1'))
const upright = join(work, 'upright.mp4')
ffmpeg(two, ...pictured(30), '-c:v', 'libx264', '-pix_fmt', 'yuv420p', '-crf', '40', '-vf', 'scale=240:-2', '-bitexact', upright)
ffmpeg('', '-i', upright, '-c', 'copy', '-metadata:s:v:0', 'rotate=90', '-bitexact', named('turned.mp4'))
rmSync(work, { recursive: true })

/** As a coach finds them who steps through the frames: what the demo says of the clip. */
const content = readFileSync(new URL('horse.webm', to))
const ends = Buffer.concat([content.subarray(0, 65_536), content.subarray(-65_536)])
const inFrames = (ms) => Math.round((Math.round((ms * FRAMES_A_SECOND) / 1000) * 1000) / FRAMES_A_SECOND)
const askMs = Object.fromEntries(Object.entries(ask).map(([name, s]) => [name.replace('S', 'Ms'), Math.round(1000 * s)]))
const found = {
  file: {
    fileName: 'horse.webm',
    bytes: content.length,
    durationMs: Math.round((1000 * frames) / FRAMES_A_SECOND),
    digest: createHash('sha256').update(ends).digest('hex'),
  },
  frameMs: Math.ceil(1000 / FRAMES_A_SECOND),
  landings: landings.filter(({ gait }) => gait === 'pace').map(({ foot, ms }) => ({ foot, ms: inFrames(ms) })),
  ask: Object.fromEntries(Object.entries(askMs).map(([name, ms]) => [name, inFrames(ms)])),
}
writeFileSync(
  new URL('../server/src/main/resources/demo/clip.json', import.meta.url),
  `${JSON.stringify(found, null, 1)}\n`,
)
writeFileSync(new URL('horse.json', to), `${JSON.stringify({ framesASecond: FRAMES_A_SECOND, seconds: frames / FRAMES_A_SECOND, parts: PARTS, ask: askMs, landings }, null, 1)}\n`)
