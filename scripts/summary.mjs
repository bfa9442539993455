// Adds up what ran: Surefire's reports, Vitest's, the web's checks. Nothing ran, or a skipped test, is a failure.
import { existsSync, readdirSync, readFileSync } from 'node:fs'

const failed = { maven: Number(process.argv[2]), vitest: Number(process.argv[3]) }
let passed = 0
let bad = 0
for (const module of ['localdb', 'core', 'catalogue', 'bench', 'server', 'e2e']) {
  const reports = `${module}/target/surefire-reports`
  const files = existsSync(reports) ? readdirSync(reports).filter((f) => f.endsWith('.xml')) : []
  let ran = 0
  for (const file of files) {
    const head = readFileSync(`${reports}/${file}`, 'utf8').match(/<testsuite [^>]*>/s)[0]
    const count = (name) => Number(head.match(new RegExp(` ${name}="(\\d+)"`))?.[1] ?? 0)
    const wrong = count('errors') + count('failures') + count('skipped')
    ran += count('tests')
    bad += wrong
    passed += count('tests') - wrong
  }
  if (ran === 0 && module !== 'localdb') {
    console.log(`${module}: no test ran`)
    bad += 1
  }
}
if (existsSync('target/vitest.json')) {
  const web = JSON.parse(readFileSync('target/vitest.json', 'utf8'))
  passed += web.numPassedTests
  bad += web.numFailedTests + web.numPendingTests + (web.numTotalTests === 0 || !web.success ? 1 : 0)
} else {
  console.log('web: no test ran')
  bad += 1
}
const checks = existsSync('target/web-checks') ? Number(readFileSync('target/web-checks', 'utf8')) : 4
bad += checks
passed += 4 - checks
if (failed.maven && bad === 0) {
  console.log('Maven failed without a failed test; see target/maven.log')
  bad += 1
}
if (failed.vitest && bad === 0) {
  // its report says success even when a file could not be started
  console.log('Vitest failed without a failed test; see target/vitest.log')
  bad += 1
}
console.log(`${passed} passed, ${bad} failed`)
process.exit(bad === 0 && passed > 0 ? 0 : 1)
