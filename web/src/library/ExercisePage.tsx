import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { TriangleAlert } from 'lucide-react'
import type { ReactNode } from 'react'
import { Link, useParams } from 'react-router'
import { queries } from '../api'
import type { Exercise, RungOfExercise } from '../api'
import { useMe } from '../session'
import { dayShort, useText, wordIn } from '../text'
import type { Text } from '../text'
import { Card, CardTitle, Quiet, Trouble, Wait, WarnBox } from '../ui'
import { AsideCard } from './AsideCard'
import { OnRein } from './OnRein'
import { OwnCard } from './OwnCard'

/** The moment: before it is set up or explained. What is dangerous first, then how it goes on either rein, then the rest. */
export default function ExercisePage() {
  const { id = '' } = useParams()
  const exercise = useQuery(queries.exercise(id))
  if (exercise.isPending) return <Wait />
  if (exercise.isError) return <Trouble cause={exercise.error} onAgain={() => void exercise.refetch()} />
  const e = exercise.data
  return (
    <Flex direction="column" gap="6">
      <Head exercise={e} />
      {e.cautions.length > 0 && (
        <WarnBox icon={<TriangleAlert size={26} aria-hidden />}>
          <chakra.ul listStyleType="none" display="grid" gap="1">
            {e.cautions.map((c) => (
              <li key={c}>{c}</li>
            ))}
          </chakra.ul>
        </WarnBox>
      )}
      <SetOut exercise={e} />
      <Grid templateColumns={{ base: '1fr', lg: '1fr 1fr' }} gap="6" alignItems="start">
        <AsideCard exercise={e} />
        <GoodSigns exercise={e} />
        <Faults exercise={e} />
        <Steps exercise={e} />
        <SetUp exercise={e} />
        <Homework exercise={e} />
        <Pairs exercise={e} />
        <OwnCard exercise={e} />
      </Grid>
    </Flex>
  )
}

/** What a coach made has none. */
function GoodSigns({ exercise: e }: { exercise: Exercise }) {
  const { t } = useText()
  if (e.goodSigns.length === 0) return null
  return (
    <Card>
      <CardTitle>{t('library.good')}</CardTitle>
      <Bullets of={e.goodSigns} />
      {e.notJudgedYet.length > 0 && (
        <Part title={t('library.notYet')}>
          <Bullets
            of={e.notJudgedYet.map((n) =>
              t('library.notYetFrom', { what: n.what, rung: fromRung(t, e, n.from) }),
            )}
          />
        </Part>
      )}
    </Card>
  )
}

function Faults({ exercise: e }: { exercise: Exercise }) {
  const { t } = useText()
  if (e.faults.length === 0) return null
  return (
    <Card>
      <CardTitle>{t('library.faults')}</CardTitle>
      <chakra.dl>
        {e.faults.map((f) => (
          <Box key={f.seen} marginBottom="2">
            <chakra.dt fontWeight="650">{f.seen}</chakra.dt>
            <dd>{f.do}</dd>
          </Box>
        ))}
      </chakra.dl>
      <Quiet>{t(e.correction === null ? 'library.correctAsTaught' : `correct.${e.correction}`)}</Quiet>
      <Part title={t('library.wayBack')}>{e.wayBack}</Part>
    </Card>
  )
}

function SetUp({ exercise: e }: { exercise: Exercise }) {
  const { t } = useText()
  if (e.ground === '' && e.space === '') return null
  return (
    <Card>
      <CardTitle>{t('library.setUp')}</CardTitle>
      <p>{e.ground}</p>
      <Quiet>{e.space}</Quiet>
      <Bullets
        of={e.kit.map((k) =>
          [k.item, k.substitute && t('library.standIn', { substitute: k.substitute })]
            .filter(Boolean)
            .join(', '),
        )}
      />
      {e.hack && <Part title={t('library.hack')}>{e.hack}</Part>}
    </Card>
  )
}

function Head({ exercise: e }: { exercise: Exercise }) {
  const { t } = useText()
  const tags = [
    ...e.purpose.map((p) => t(`purpose.${p}`)),
    t(`whoIsThere.${e.people}`),
    ...(e.isHard ? [t('library.hard')] : []),
  ]
  return (
    <Box>
      <chakra.span asChild textDecoration="underline" color="quiet">
        <Link to="/library">{t('library.back')}</Link>
      </chakra.span>
      <chakra.h1 fontSize={{ base: '3xl', md: '5xl' }} fontWeight="780" lineHeight="1.1">
        {e.name}
      </chakra.h1>
      <chakra.p color="quiet">
        {[e.strandName ?? wordIn(t, 'strand', e.strand), ...tags].join(' · ')}
      </chakra.p>
      {e.schools.length > 0 && (
        <Quiet>
          {t('library.schools')}: {e.schools.map((s) => t(`school.${s}`)).join(', ')}
        </Quiet>
      )}
    </Box>
  )
}

/** So that somebody who never saw it can set it out. */
function SetOut({ exercise: e }: { exercise: Exercise }) {
  const { t } = useText()
  const hasReins = e.works === 'INSIDE' || e.works === 'OUTSIDE'
  const isDrawn = e.left.aids.length > 0
  // an exercise of one's own may be no more than its name
  const isSaid = e.instruction !== e.name
  if (!isDrawn && !isSaid) return null
  return (
    <Card>
      {e.moves && (
        <chakra.p fontWeight="650" marginBottom="3">
          {t(`library.moves.${e.moves}`)}
        </chakra.p>
      )}
      {e.works === 'CHOSEN' && <Quiet marginBottom="3">{t('library.chosen')}</Quiet>}
      {isDrawn && (
        <Grid templateColumns={{ base: '1fr', md: hasReins ? '1fr 1fr' : '1fr' }} gap="6">
          {hasReins ? (
            <>
              <OnRein rein="LEFT" on={e.left} />
              <OnRein rein="RIGHT" on={e.right} />
            </>
          ) : (
            <OnRein
              rein="NONE"
              on={{ ...e.left, aids: e.left.aids.map((a) => ({ ...a, side: 'NONE', foot: null })) }}
            />
          )}
        </Grid>
      )}
      {e.position && <Part title={t('library.position')}>{e.position}</Part>}
      {isSaid && <Part title={t('library.rider')}>{e.instruction}</Part>}
    </Card>
  )
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box marginTop="4">
      <chakra.h3 fontSize="md" fontWeight="720" fontFamily="body">
        {title}
      </chakra.h3>
      <div>{children}</div>
    </Box>
  )
}

function Bullets({ of }: { of: string[] }) {
  return (
    <chakra.ul listStyleType="disc" paddingLeft="5">
      {of.map((one) => (
        <li key={one}>{one}</li>
      ))}
    </chakra.ul>
  )
}

function Steps({ exercise: e }: { exercise: Exercise }) {
  const { t } = useText()
  const called = (r: { name: string; gait: string; place: string }) =>
    t('library.rung', { name: r.name, gait: wordIn(t, 'gait', r.gait), place: wordIn(t, 'place', r.place) })
  return (
    <Card>
      <CardTitle>{t('library.steps')}</CardTitle>
      <ol>
        {e.rungs.map((r) => (
          <Box as="li" key={r.rung} paddingY="2" borderTopWidth="1px" borderColor="line">
            <chakra.p fontWeight="700">
              {wordIn(t, 'gait', r.gait)}, {wordIn(t, 'place', r.place)}
            </chakra.p>
            <p>{criterionOf(t, r)}</p>
            <Quiet>
              {r.needs.length === 0
                ? t('library.needsNothing')
                : `${t('library.needs')}: ${r.needs.map(called).join('; ')}`}
            </Quiet>
            {r.wayBack && <Quiet>{t('library.goesBack', { rung: called(r.wayBack) })}</Quiet>}
          </Box>
        ))}
      </ol>
    </Card>
  )
}

function criterionOf(t: Text, { criterion }: RungOfExercise): string {
  if (!criterion) return t('library.criterion.standard')
  const { numbers, kind, unit } = criterion
  return wordIn(t, 'library.criterion', kind, {
    ...numbers,
    ...(unit && { unit: t(`pair.holdUnit.${unit}`) }),
  })
}

function fromRung(t: Text, e: Exercise, rung: string): string {
  const own = e.rungs.find((r) => r.rung === rung)
  return own ? `${wordIn(t, 'gait', own.gait)}, ${wordIn(t, 'place', own.place)}` : rung
}

function Homework({ exercise: e }: { exercise: Exercise }) {
  const { t } = useText()
  return (
    <Card>
      <CardTitle>{t('library.homework')}</CardTitle>
      {e.isAlone ? (
        <p>
          {e.dose.least === e.dose.most
            ? t(
                e.works === 'NEITHER' ? `library.doseInAll.${e.dose.unit}` : `library.doseOf.${e.dose.unit}`,
                {
                  count: e.dose.most,
                },
              )
            : t(`library.dose.${e.dose.unit}`, { least: e.dose.least, most: e.dose.most })}
        </p>
      ) : (
        <Quiet>{t('library.homeworkNot')}</Quiet>
      )}
      <Part title={t('library.feel')}>{e.feel}</Part>
      {e.goesWrong && <Part title={t('library.ifWrong')}>{e.goesWrong}</Part>}
      <Part title={t('film.title')}>{e.film.map((shot) => t(`shot.${shot}`)).join('; ')}</Part>
      <Part title={t('library.stopIf')}>
        <Bullets of={e.stopIf} />
      </Part>
      {e.isAlone && e.secondBest && <Part title={t('library.secondBest')}>{e.secondBest}</Part>}
    </Card>
  )
}

function Pairs({ exercise: e }: { exercise: Exercise }) {
  const { t } = useText()
  const { timeZone } = useMe()
  return (
    <Card>
      <CardTitle>{t('library.pairs')}</CardTitle>
      {e.pairs.length === 0 && <Quiet>{t('library.nobody')}</Quiet>}
      <ul>
        {e.pairs.map((p) => (
          <Flex as="li" key={p.pair} gap="3" align="baseline" minHeight="touch">
            <chakra.span asChild fontWeight="650" textDecoration="underline">
              <Link to={`/pairs/${p.pair}`}>
                {p.horse} {t('pair.and')} {p.rider}
              </Link>
            </chakra.span>
            <Quiet as="span">{t('library.lastOn', { date: dayShort(p.at, timeZone) })}</Quiet>
          </Flex>
        ))}
      </ul>
    </Card>
  )
}
