// Fills an empty yard of a running Strophos through its interface, so that the next version can be upgraded from it in the
// tests: node scripts/upgrade-fixture.mjs URL SETUP_TOKEN OUT DATABASE. Writes what a device of this version would hold,
// unsent, to OUT; the database (a libpq URI of its owner) is dumped with pg_dump beside it (docs/running.md, "Upgrades are
// tested").
import { readFileSync, writeFileSync } from 'node:fs'
import { createHash, randomUUID } from 'node:crypto'
import { execFileSync } from 'node:child_process'
import { deflateSync } from 'node:zlib'

const [url, token, out, database] = process.argv.slice(2)

class Client {
  cookies = new Map()

  send(method, path, body) {
    return this.sent(method, path, body && JSON.stringify(body), 'application/json')
  }

  sendBytes(path, bytes) {
    return this.sent('PUT', path, bytes, 'application/octet-stream')
  }

  async sent(method, path, body, type) {
    const headers = { cookie: [...this.cookies].map(([k, v]) => `${k}=${v}`).join('; ') }
    if (body) headers['content-type'] = type
    if (method !== 'GET') headers['x-xsrf-token'] = this.cookies.get('XSRF-TOKEN') ?? ''
    const reply = await fetch(`${url}/api/v1${path}`, { method, headers, body })
    for (const cookie of reply.headers.getSetCookie()) {
      const [, name, value] = /^([^=]+)=([^;]*)/.exec(cookie)
      this.cookies.set(name, value)
    }
    const text = await reply.text()
    if (!reply.ok) throw new Error(`${method} ${path}: ${reply.status} ${text}`)
    return text ? JSON.parse(text) : undefined
  }
  get = (path) => this.send('GET', path)
  post = (path, body) => this.send('POST', path, body)
}

const coach = new Client()
await coach.get('/session')
const { me } = await coach.post('/setup', {
  token,
  yardName: 'Saltmarsh Ford',
  timeZone: 'Europe/London',
  coachName: 'Ottilie Brandvold',
  signInName: 'ottilie',
  password: 'saltmarsh-ford',
  pair: pairOf('Rosalba Thiele', 'Sindri', 'GAITED', 138),
})
await coach.get('/session')

function pairOf(rider, horse, school, heightCm) {
  return { rider, horse, description: null, heightCm, school, goal: null }
}

// what the yard made itself: an exercise that is ridden, and a programme
const ownWork = new URL('../server/src/main/resources/demo/own-work.json', import.meta.url)
await coach.post('/library/imports', { file: JSON.parse(readFileSync(ownWork, 'utf8')), isPreview: false })

const device = randomUUID()
let seq = 0
let atMs = Date.now() - 40 * 60_000

function entry(lesson, kind, payload, v = 1) {
  atMs += 4_000
  return { id: randomUUID(), lesson, device, author: me.person, seq: ++seq, atMs, kind, v, payload }
}

async function lesson(pair) {
  const id = randomUUID()
  await coach.post('/lessons', { id, pair, plannedAt: new Date(atMs).toISOString(), minutes: 45 })
  return id
}

function segment(of, exercise, gait, place, rein) {
  return entry(of, 'segment', { exercise, gait, place, rein, mounted: 'RIDER' })
}

/** An entry that is taken back at once. */
function mistaken(of, kind, payload) {
  const wrong = entry(of, kind, payload)
  return [wrong, entry(of, 'void', { target: wrong.id })]
}

/** A lesson to its end: a look, and eight asks a rein on each of these rungs. */
async function ridden(pair, look, rungs, more = () => []) {
  const id = await lesson(pair)
  const entries = [entry(id, 'clock', { offsetMs: 0 }), entry(id, 'first_look', look), entry(id, 'lesson_started', {})]
  for (const [exercise, gait, place] of rungs) {
    for (const rein of ['LEFT', 'RIGHT']) {
      const here = segment(id, exercise, gait, place, rein)
      entries.push(here)
      for (let i = 0; i < 8; i++) {
        entries.push(entry(id, 'exchange', { segment: here.id, strength: 2, response: i % 4 ? 'YES' : 'TRY' }))
      }
    }
  }
  entries.push(...more(id, entries), entry(id, 'lesson_ended', {}))
  await stored(entries)
  return id
}

async function stored(entries) {
  const { answers } = await coach.post('/entries', { entries })
  const bad = answers.filter((a) => a.outcome !== 'STORED' && a.outcome !== 'KEPT_ODD')
  if (bad.length) throw new Error(JSON.stringify(bad))
}

const SOUND = { soundness: 'SOUND', calm: 3, rider: 3, halt: 3, leg: 3, bendLeft: 3, bendRight: 2 }
// every check there is, sided ones to both sides, what is seen where in ticks
const LOOK_IN_FULL = {
  ...SOUND, attention: 3, seat: 3, tension: 3, breath: 3, complaint: 'ARMS_TIRED', haltFaster: 3, balks: false, tempo: 3, hand: 3,
  jawLeft: 3, jawRight: 3, placeLeft: 'EVEN', placeRight: 'POLL_ONLY', circleRight: 15, shoulder: 1, shoulderBoth: true,
  shoulderInside: false, hindLeft: 3, hindRight: 3, neckTwists: false, riddenToday: 20, riddenYesterday: 45,
  bendAt: { standing: true, inHand: true }, shouldersAt: { mounted: true },
}
const RAIL = ['counter-bend', 'WALK', 'RAIL']
const OWN_GATE = ['own-gate', 'WALK', 'RAIL']

async function homework(of, rung) {
  const id = randomUUID()
  await coach.post(`/lessons/${of}/homework`, { id, rung, daysAWeek: 5 })
  return id
}

async function joined(pair, name) {
  const { people } = await coach.get(`/pairs/${pair}/people`)
  const person = people.find((p) => p.role === 'RIDER').id
  const invitation = await coach.post(`/pairs/${pair}/invitations`, { person })
  const rider = new Client()
  await rider.get('/session')
  const session = await rider.post('/join', { token: invitation.token, signInName: name, password: 'saltmarsh-ford' })
  await rider.get('/session')
  return { rider, person: session.me.person }
}

function reportOf(person, card, feel, stopSigns, question = null) {
  const step = card.steps[card.step]
  return {
    id: randomUUID(),
    assignment: card.id,
    author: person,
    step: card.step,
    rung: step.rung,
    startedAt: new Date().toISOString(),
    leftS: 120,
    rightS: 150,
    feel,
    leftGood: 0,
    leftCounted: 0,
    rightGood: 0,
    rightCounted: 0,
    stopSigns,
    question,
    secondBest: false,
  }
}

const card = async (rider, id) =>
  (await rider.get('/practice')).pairs.flatMap((p) => p.cards).find((c) => c.id === id)
const report = async (rider, practice) => rider.post('/practices', { practices: [practice] })

// Sindri: homework runs, a stop sign on other homework waits for an answer
const [{ id: sindri }] = (await coach.get('/pairs')).pairs
const lines = (id, entries) => {
  const here = entries.findLast((e) => e.kind === 'segment').id
  return [
    entry(id, 'line', { segment: here, ridden: 5, planned: 5, rail: 'CLEAR' }),
    // a stretch that borrows the way of asking, and how hard it was
    entry(id, 'segment', {
      exercise: 'counter-bend', gait: 'WALK', place: 'RAIL', rein: 'LEFT', mounted: 'RIDER',
      school: 'REWARD_BASED', correction: 'IGNORE',
    }),
    entry(id, 'effort', { horse: 6 }),
  ]
}
const jumped = await ridden(
  sindri,
  SOUND,
  [RAIL, ['inside-bend', 'WALK', 'RAIL'], ['related-line', 'CANTER', 'ACROSS']],
  lines,
)
const rail = await homework(jumped, 'counter-bend.walk.rail')
const bending = await homework(jumped, 'inside-bend.walk.rail')
const { rider: rosalba, person: rosalbaId } = await joined(sindri, 'rosalba')
await report(rosalba, reportOf(rosalbaId, await card(rosalba, rail), 'EASY', []))
await report(rosalba, reportOf(rosalbaId, await card(rosalba, bending), 'GETTING_THERE', ['SORE_SPOT'], 'What now?'))

// Pepperwort: a stop sign that was answered, and a vet who cleared the horse
const { id: pepperwort } = await coach.post('/pairs', pairOf('Mireille Okonjo', 'Pepperwort', 'CLASSICAL', 152))
const later = await ridden(pepperwort, SOUND, [RAIL])
const answered = await homework(later, 'counter-bend.walk.rail')
const { rider: mireille, person: mireilleId } = await joined(pepperwort, 'mireille')
await report(mireille, reportOf(mireilleId, await card(mireille, answered), 'NOT_YET', ['UNLEVEL']))
await coach.post(`/assignments/${answered}/look-ins`, { id: randomUUID(), verdict: 'CARRY_ON', sentence: 'Sound again.' })
const { horseId } = await coach.get(`/pairs/${pepperwort}`)
await coach.post(`/horses/${horseId}/pause-answers`, {
  id: randomUUID(),
  kind: 'CLEARED',
  whom: 'VET',
  name: 'Saltmarsh vets',
  onDay: new Date().toISOString().slice(0, 10),
  mayHandWalk: false,
})

// Fennel: the last look saw an uneven step
const { id: fennel } = await coach.post('/pairs', pairOf('Emeka Lindqvist', 'Fennel', 'CLASSICAL', 158))
await ridden(fennel, { ...SOUND, soundness: 'UNLEVEL' }, [RAIL])

// Quillon: nothing wrong; a decision, a kept plan, entries that are odd or taken back
const { id: quillon } = await coach.post('/pairs', pairOf('Saskia Pemberthy', 'Quillon', 'CLASSICAL', 160))
const bent = await ridden(quillon, LOOK_IN_FULL, [RAIL, ['inside-bend', 'WALK', 'RAIL'], OWN_GATE], (id, entries) => [
  // ground and weather noted bit by bit, once by mistake
  entry(id, 'conditions', { footing: 'DEEP', temperatureC: 12 }),
  entry(id, 'conditions', { humidityPct: 80 }),
  ...mistaken(id, 'conditions', { footing: 'FROZEN', temperatureC: -6 }),
  // a question asked while riding, and what the coach said had helped
  entry(id, 'probe', { segment: entries.findLast((e) => e.kind === 'segment').id }),
  entry(id, 'help', { segment: entries.findLast((e) => e.kind === 'segment').id, exercise: 'counter-bend' }),
  entry(id, 'void', { target: entries.findLast((e) => e.kind === 'exchange').id }),
  entry(id, 'measured_later', { metres: 12.5 }),
  entry(id, 'note', { text: 'Softer on the right today.' }),
])
const debrief = await coach.get(`/lessons/${bent}/debrief`)
const advised = debrief.rows[0].advice.decision
await coach.post(`/lessons/${bent}/decisions`, {
  id: randomUUID(),
  rung: 'counter-bend.walk.rail',
  chosen: advised,
  seen: advised,
  reason: null,
})
await homework(bent, 'counter-bend.walk.rail')
// what was said after riding, put right once, and what the rider is shown of it
await coach.post('/entries', {
  entries: [
    entry(bent, 'rider_felt', { text: 'He hung on the right hand.' }),
    entry(bent, 'rider_felt', { text: 'He hung on the right hand at first.', better: 'LEFT' }),
    entry(bent, 'next_time', { text: 'Begin on the right rein.' }),
    entry(bent, 'for_rider', {
      better: [{ rung: 'counter-bend.walk.rail', better: 'WITHIN' }],
      think: 'Look up in the corners.',
      homework: true,
    }),
  ],
})
const next = await lesson(quillon)
const plan = await coach.get(`/lessons/${next}/plan`)
const blocks = plan.plan.blocks.map((b, at) => ({
  rung: b.of.rung, role: b.role, seconds: b.workS, longer: b.longer, locked: at === 0,
}))
await coach.send('PUT', `/lessons/${next}/plan`, { version: 0, blocks })
await coach.send('PUT', `/plan-templates/${randomUUID()}`, { name: 'Wet days', blocks })

// Sindri as his coach knows him: tack, what was told, cues, behaviours that were counted, a photo, a watch that was ended
const put = (path, body) => coach.send('PUT', path, body)
const today = new Date().toISOString().slice(0, 10)
await put(`/pairs/${sindri}/tack/${randomUUID()}`, {
  version: 0,
  piece: { kind: 'HEADGEAR', name: 'The old curb', headgear: 'long-shanked-curb', since: today, aboveMm: 50, belowMm: 175 },
})
await put(`/pairs/${sindri}/intake/horse`, {
  version: 0,
  horse: { fears: 'Umbrellas', temperament: 'Quick', soundness: [{ on: today, note: 'Short on the left hind downhill.' }] },
})
await put(`/pairs/${sindri}/intake/rider`, { version: 0, rider: { worries: 'Hacking alone' } })
await put(`/pairs/${sindri}/intake/together`, {
  version: 0,
  together: { head: { leastCm: 10, mostCm: 30 }, unwanted: [{ name: 'stepping pace', sign: 'Two feet of a side together' }] },
})
await put(`/pairs/${sindri}/cues/${randomUUID()}`, {
  version: 0,
  cue: { signal: 'Both legs, once', meaning: 'a longer step', isProven: true, isPutAway: false },
})
await put(`/pairs/${sindri}/settings`, {
  version: 0,
  settings: {
    sideReins: 'NEVER', leg: 'NEAR', slack: null, bit: 'SNAFFLE', landingLead: null, canterFrom: 'WALK', order: 'FEET_FIRST',
  },
})
const { questions } = await coach.get(`/pairs/${sindri}/pain-counts`)
await coach.post(`/pairs/${sindri}/pain-counts`, { id: randomUUID(), seen: questions.slice(0, 3).map((q) => q.id) })
const picture = readFileSync(new URL('../server/src/test/resources/attachment/dot.jpeg', import.meta.url))
const sha256 = createHash('sha256').update(picture).digest('hex')
await coach.sendBytes(`/pairs/${sindri}/photos/${sha256}`, picture)
await coach.post(`/pairs/${sindri}/photos`, { id: randomUUID(), sha256, view: 'LEFT', takenOn: today })
await coach.post(`/pairs/${sindri}/outings`, {
  id: randomUUID(), what: 'A look round the hill farm', travelOn: today, countsOn: today, isFirst: true,
})
await coach.post(`/pairs/${sindri}/strides`, {
  id: randomUUID(), pace: 'CANTER', way: 'DISTANCE', distanceM: 40, count: 14, seconds: 10.4, on: today,
})
// both reins, measured for a minute and some seconds in the first lesson, and what the pair aims at
await put(`/pairs/${sindri}/contact-band`, { version: 0, lowKg: 2, highKg: 4.5 })
const recording = randomUUID()
const rateHz = 10
await coach.post(`/lessons/${jumped}/recordings`, {
  id: recording, startedAt: new Date(atMs).toISOString(), rateHz, minutes: 2, name: 'Stand-in sensor', jitterMs: 0,
})
for (const [place, seconds] of [60, 12].entries()) {
  const many = seconds * rateHz
  const samples = Int16Array.from({ length: 2 * many }, (_, i) => 300 + Math.round(80 * Math.sin(i)) + (i < many ? 0 : 40))
  await coach.sendBytes(`/lessons/${jumped}/recordings/${recording}/chunks/${place}`, deflateSync(samples))
}
await put(`/lessons/${jumped}/recordings/${recording}/whole`, {})
// the ground: an arena with a landmark, a set-up on it of every kind of thing, the coach's own paces
const arena = randomUUID()
await put(`/ground/arenas/${arena}`, {
  version: 0,
  arena: {
    name: 'The top field', shape: 'RECTANGLE', widthM: 30, lengthM: 50, isLettered: true, slopePct: 3,
    landmarks: [{ name: 'Gate', x: 30, y: 10 }],
  },
  isPutAway: false,
})
const up = (x, y) => ({ at: { x, y }, headingDeg: 90 })
const figure = { form: 'CIRCLE', rein: 'LEFT', at: 'A', sizeM: 15, toM: 10, count: 3, cornerM: 3 }
const things = {
  figure, sideways: { from: 'A', to: 'E' }, quarters: { rein: 'LEFT', at: 'A', foreM: 10, hindM: 9 },
  row: { first: up(20, 15), poles: 4, apartM: null, poleM: 3, isRaised: true },
  fan: { middle: up(12, 20), poles: 4, middleM: 6, poleM: 3, gapDeg: null },
  fences: { first: up(8, 10), distancesM: [21.95], fenceM: 0.6, widthM: 3 }, cone: { x: 15, y: 25 },
  course: { over: [{ fences: 'fences', isReversed: false }], turnM: 6, speedMMin: 350 },
}
const none = Object.fromEntries(Object.keys(things).map((kind) => [kind, null]))
const all = Object.entries(things).map(([kind, of]) => ({ id: kind, ...none, [kind]: of }))
await put(`/ground/layouts/${randomUUID()}`, { version: 0, name: 'Poles and a line', arena, things: all, isPutAway: false })
// the next lesson's own ground: the same things, the row laid for its middle and ridden in walk
await put(`/lessons/${next}/ground`, {
  version: 0,
  arena,
  pace: 'TROT',
  variant: 'WORKING',
  things: all.map((thing) => (thing.id === 'row' ? { ...thing, laidS: 600, awayS: 1500, pace: 'WALK' } : thing)),
})
await put('/ground/pace', { lengthM: 20, paces: 24 })
const watched = entry(jumped, 'watch', { of: 'sign', name: 'tilts-head', side: 'LEFT', weeks: 4, station: 'IN_HAND' })
await coach.post('/entries', { entries: [watched] })
await put(`/pairs/${sindri}/watch/${watched.id}/end`)

// Sindri on video: stretches kept, landings marked that say otherwise, a comment the rider is shown, reads and answers
const filmed = randomUUID()
await coach.post('/lessons', {
  id: filmed, pair: sindri, plannedAt: new Date(atMs).toISOString(), minutes: 30, isOnVideo: true,
})
const began = entry(filmed, 'lesson_started', {})
const stretches = ['LEFT', 'RIGHT'].flatMap((rein) => {
  const here = segment(filmed, 'tolt-stretches', 'WALK', 'RAIL', rein)
  const kept = [1, 2, 3].map(() => entry(filmed, 'held', { segment: here.id, unit: 'STRIDES', amount: 12 }))
  return [here, ...kept]
})
const clip = { fileName: 'stretches.mp4', bytes: 900_000, durationMs: 60_000, digest: sha256 }
const base = entry(filmed, 'time_base', { source: 'CLIP', clip, startMs: stretches[0].atMs })
const landings = [0, 1, 2, 3, 4, 5].flatMap((stride) => [
  { foot: 'LEFT_HIND', ms: 1_000 + 1_000 * stride },
  { foot: 'LEFT_FORE', ms: 1_060 + 1_000 * stride },
])
const comment = entry(filmed, 'comment', { at: { base: base.id, ms: 2_000 }, text: 'Both left feet at once.' })
await stored([
  entry(filmed, 'clock', { offsetMs: 0 }),
  began,
  ...stretches,
  base,
  entry(filmed, 'footfalls', { base: base.id, frameMs: 33, landings }),
  comment,
  entry(filmed, 'lesson_ended', {}),
  entry(filmed, 'for_rider', { clips: true, homework: false }),
])
await rosalba.send('POST', `/lessons/${filmed}/words/read`, {})
await rosalba.post(`/lessons/${filmed}/words`, { id: randomUUID(), comment: comment.id, text: 'It felt smooth to me.' })

// Fennel and Pepperwort go together in half an hour
await coach.post('/groups', {
  id: randomUUID(),
  plannedAt: new Date(Date.now() + 30 * 60_000).toISOString(),
  minutes: 45,
  members: [fennel, pepperwort].map((pair) => ({ lesson: randomUUID(), pair })),
})

// Kwame records beside the coach: assistants are no guests of the interface yet, so the database makes him
const kwameId = randomUUID()
execFileSync('psql', ['-q', '-v', 'ON_ERROR_STOP=1', '-c', `
  set row_security = off;
  insert into account (id, sign_in_name, password_hash, demo, created_at)
    select '${kwameId}', 'kwame', password_hash, false, created_at from account where sign_in_name = 'ottilie';
  insert into person (yard_id, id, name, role, account_id, created_at)
    select yard_id, '${kwameId}', 'Kwame Odetoye', 'ASSISTANT', '${kwameId}', created_at from person where id = '${me.person}'`,
  database])
const kwame = new Client()
await kwame.get('/session')
await kwame.post('/session', { name: 'kwame', password: 'saltmarsh-ford' })
await kwame.get('/session')
const kwamesDevice = randomUUID()
const YEARS_MS = 10 * 365 * 86_400_000
function kwames(lesson, kind, payload, at) {
  return { ...entry(lesson, kind, payload), author: kwameId, device: kwamesDevice, ...(at && { atMs: at }) }
}
// a clock of one person for the device of another moves a record by ten years; times that nobody believes; a report of a
// telephone whose clock stands in the future
await kwame.post('/entries', {
  entries: [
    kwames(bent, 'clock', { offsetMs: 0 }),
    kwames(bent, 'note', { text: 'Held by the fence.' }),
    kwames(bent, 'lesson_started', {}, 9_007_199_254_740_991),
    kwames(bent, 'note', { text: 'From the year 2100.' }, 4_102_444_800_000),
  ],
})
await coach.post('/entries', {
  entries: [{ ...entry(bent, 'clock', { offsetMs: YEARS_MS }), device: kwamesDevice }],
})
const odd = reportOf(rosalbaId, await card(rosalba, bending), 'GETTING_THERE', [])
await report(rosalba, { ...odd, startedAt: '+280000-01-01T00:00:00Z' })

// what two devices hold that is not sent: a lesson under way, and a report with a stop sign
const open = entry(next, 'lesson_started', {})
const at = segment(next, ...RAIL, 'LEFT')
const unsent = [entry(next, 'clock', { offsetMs: 0 }), open, at]
unsent.push(entry(next, 'rider_felt', { better: 'NONE' }))
for (let i = 0; i < 3; i++) unsent.push(entry(next, 'exchange', { segment: at.id, strength: 1, response: 'YES' }))
const packet = await coach.get(`/lessons/${next}/packet`)
const cards = await rosalba.get('/practice')
const waiting = reportOf(rosalbaId, await card(rosalba, bending), 'NOT_YET', ['SWEAT_WITHOUT_WORK'])
writeFileSync(
  out,
  JSON.stringify(
    {
      people: { coach: me, rider: (await rosalba.get('/session')).me, assistant: { person: kwameId, device: kwamesDevice } },
      lessons: { jumped, bent, next, filmed },
      pairs: { sindri, pepperwort, fennel, quillon },
      assignments: { rail, bending, answered },
      coach: {
        entries: unsent.map((e) => ({ ...e, passage: 'waiting' })),
        packets: [{ lesson: next, packet: { ...packet, entries: [] }, offsetMs: 0, arrival: packet.arrival }],
        counters: [{ name: 'writer', device, seq, lastMs: atMs }],
        practices: [],
        cards: [],
        timers: [],
      },
      rider: {
        entries: [],
        packets: [],
        counters: [],
        practices: [{ ...waiting, passage: 'waiting' }],
        cards: [{ name: 'cards', cards, offsetMs: 0 }],
        timers: [],
      },
    },
    null,
    1,
  ) + '\n',
)
