import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Plus } from 'lucide-react'
import { useState } from 'react'
import { Link, useLocation } from 'react-router'
import { queries } from '../api'
import type { ExerciseItem, StrandOfLibrary } from '../api'
import { useMe } from '../session'
import { strandIn, useText, wordIn } from '../text'
import type { Text } from '../text'
import { Button, Input, LinkButton, Quiet, Select, Trouble, Wait } from '../ui'
import { SCHOOLS } from '../record'
import { ANYTHING, isWanted, NO_KIT } from './filter'
import type { Search } from './filter'
import { HandOn } from './HandOn'
import { Progression } from './Progression'

const PURPOSES = ['RHYTHM', 'SUPPLENESS', 'CONTACT', 'IMPULSION', 'STRAIGHTNESS', 'COLLECTION'] as const
const PEOPLE = ['NOBODY', 'SECOND_PERSON', 'ASSISTANT', 'COACH'] as const

/** The moment: what else could help this horse? Type a word, or narrow it down. */
export default function LibraryPage() {
  const { t } = useText()
  const library = useQuery(queries.library())
  const { actions } = useMe()
  const { search } = useLocation()
  const [wanted, setWanted] = useState(() => searchedFor(search))
  if (library.isPending) return <Wait />
  if (library.isError) return <Trouble cause={library.error} onAgain={() => void library.refetch()} />
  const all = library.data.exercises
  const names = library.data.strandNames
  const found = all.filter((e) => isWanted(e, strandIn(t, e.strand, names), wanted))
  const order = library.data.bySchool.find((s) => s.school === wanted.school)?.strands
  const strands = inOrder([...new Set(found.map((e) => e.strand))], order)
  const steps = library.data.strands.flatMap((s) => s.steps)
  const nameOf = (rung: string) => {
    const step = steps.find((s) => s.rung === rung)
    return step ? `${step.shortName} (${wordIn(t, 'gait', step.gait)})` : rung
  }
  return (
    <>
      <chakra.h1 fontSize={{ base: '3xl', md: '5xl' }} fontWeight="760">
        {t('library.title')}
      </chakra.h1>
      <Quiet marginBottom="4">{t('library.lead')}</Quiet>
      {actions.includes('MAKE_EXERCISES') && (
        <Flex gap="2" wrap="wrap" marginBottom="5">
          <LinkButton to="/library/new">
            <Plus size={20} aria-hidden /> {t('own.new')}
          </LinkButton>
          <LinkButton to="/library/programmes/new">
            <Plus size={20} aria-hidden /> {t('programme.new')}
          </LinkButton>
        </Flex>
      )}
      <Filters
        all={all}
        names={names}
        wanted={wanted}
        onChange={(change) => setWanted({ ...wanted, ...change })}
      />
      <Flex align="center" gap="4" marginY="4" minHeight="touch">
        <chakra.p role="status" fontWeight="650">
          {t('library.count', { count: found.length })}
        </chakra.p>
        {found.length < all.length && <Button onClick={() => setWanted(ANYTHING)}>{t('library.all')}</Button>}
      </Flex>
      {found.length === 0 && <p>{t('library.none')}</p>}
      {strands.map((strand) => (
        <Box as="section" key={strand} marginBottom="8">
          <chakra.h2 fontSize="lg" fontWeight="720" marginBottom="1">
            {strandIn(t, strand, names)}
          </chakra.h2>
          <AsStair
            strand={library.data.strands.find((s) => s.strand === strand)}
            name={strandIn(t, strand, names)}
            nameOf={nameOf}
          />
          {names[strand] !== undefined && actions.includes('MAKE_EXERCISES') && (
            <LinkButton look="bare" to={`/library/programmes/${strand}`} paddingX="0" marginLeft="4">
              {t('programme.change')}
            </LinkButton>
          )}
          <Grid as="ul" listStyleType="none" templateColumns="repeat(auto-fill, minmax(17rem, 1fr))" gap="2">
            {found
              .filter((e) => e.strand === strand)
              .map((e) => (
                <li key={e.id}>
                  <ExerciseLink exercise={e} />
                </li>
              ))}
          </Grid>
        </Box>
      ))}
      {wanted.isOwn && actions.includes('MAKE_EXERCISES') && <HandOn />}
    </>
  )
}

/** What the address asks for: one's own, or what a school teaches. */
function searchedFor(search: string): Search {
  const asked = new URLSearchParams(search)
  const school = SCHOOLS.find((s) => s === asked.get('school')) ?? null
  return { ...ANYTHING, school, isOwn: asked.has('own') }
}

/** As a school goes about them; those that it does not name come last. */
function inOrder(strands: string[], order: string[] | undefined): string[] {
  if (!order) return strands
  const place = (strand: string) => (order.includes(strand) ? order.indexOf(strand) : order.length)
  return [...strands].sort((a, b) => place(a) - place(b))
}

interface AsStairProps {
  strand: StrandOfLibrary | undefined
  name: string
  nameOf: (rung: string) => string
}

/** Drawn only when it is asked for: fifteen stairs are more than anybody wants at once. */
function AsStair({ strand, name, nameOf }: AsStairProps) {
  const { t } = useText()
  const [isOpen, setOpen] = useState(false)
  if (!strand) return null
  return (
    <>
      <Button
        look="bare"
        aria-expanded={isOpen}
        paddingX="0"
        marginBottom="1"
        onClick={() => setOpen(!isOpen)}
      >
        {t('library.asStair')}
      </Button>
      {isOpen && <Progression strand={strand} name={name} nameOf={nameOf} />}
    </>
  )
}

interface FiltersProps {
  all: ExerciseItem[]
  /** Of the yard's own strands. */
  names: Record<string, string>
  wanted: Search
  onChange: (change: Partial<Search>) => void
}

function Filters({ all, names, wanted, onChange }: FiltersProps) {
  const { t } = useText()
  const strands = [...new Set(all.map((e) => e.strand))]
  const gaits = [...new Set(all.flatMap((e) => e.gaits))]
  const kit = [...new Set(all.flatMap((e) => e.kit))].sort()
  return (
    <>
      <Input
        type="search"
        aria-label={t('library.find')}
        placeholder={t('library.find')}
        value={wanted.word}
        onChange={(e) => onChange({ word: e.target.value })}
        fontSize="lg"
        marginBottom="3"
      />
      <Grid templateColumns={{ base: '1fr 1fr', md: 'repeat(3, 1fr)', xl: 'repeat(6, 1fr)' }} gap="3">
        <Choice
          name="strand"
          value={wanted.strand}
          among={strands}
          says={(s) => strandIn(t, s, names)}
          onChange={(strand) => onChange({ strand })}
        />
        <Choice
          name="gait"
          value={wanted.gait}
          among={gaits}
          says={(g) => wordIn(t, 'gait', g)}
          onChange={(gait) => onChange({ gait })}
        />
        <Choice
          name="school"
          value={wanted.school}
          among={SCHOOLS}
          says={(s) => t(`school.${s}`)}
          onChange={(school) => onChange({ school })}
        />
        <Choice
          name="purpose"
          value={wanted.purpose}
          among={PURPOSES}
          says={(p) => t(`purpose.${p}`)}
          onChange={(purpose) => onChange({ purpose })}
        />
        <Choice
          name="people"
          value={wanted.people}
          among={PEOPLE}
          says={(p) => t(`whoIsThere.${p}`)}
          onChange={(people) => onChange({ people })}
        />
        <Choice
          name="kit"
          value={wanted.kit}
          among={[NO_KIT, ...kit]}
          says={(k) => (k === NO_KIT ? t('library.noKit') : k)}
          onChange={(chosen) => onChange({ kit: chosen })}
        />
      </Grid>
      <chakra.label display="inline-flex" alignItems="center" gap="2" minHeight="touch" marginTop="1">
        <input
          type="checkbox"
          checked={wanted.isOwn}
          onChange={(e) => onChange({ isOwn: e.target.checked })}
        />
        {t('library.own')}
      </chakra.label>
    </>
  )
}

interface ChoiceProps<T extends string> {
  name: 'strand' | 'gait' | 'school' | 'purpose' | 'people' | 'kit'
  value: T | null
  among: readonly T[]
  says: (one: T) => string
  onChange: (chosen: T | null) => void
}

function Choice<T extends string>({ name, value, among, says, onChange }: ChoiceProps<T>) {
  const { t } = useText()
  return (
    <chakra.label display="block">
      <Quiet as="span">{t(`library.${name}`)}</Quiet>
      <Select
        value={value ?? ''}
        onChange={(e) => onChange(among.find((one) => one === e.target.value) ?? null)}
      >
        <option value="">{t('library.any')}</option>
        {among.map((one) => (
          <option key={one} value={one}>
            {says(one)}
          </option>
        ))}
      </Select>
    </chakra.label>
  )
}

const ItemLink = chakra(Link, {
  base: {
    display: 'block',
    height: 'full',
    padding: '3',
    borderRadius: 'key',
    borderWidth: '2px',
    borderColor: 'line',
    background: 'card',
    _hover: { borderColor: 'ink' },
  },
})

function ExerciseLink({ exercise }: { exercise: ExerciseItem }) {
  const { t } = useText()
  return (
    <ItemLink to={`/library/${exercise.id}`}>
      <chakra.span display="block" fontWeight="700">
        {exercise.name}
      </chakra.span>
      <Quiet as="span">{[...gaitsOf(t, exercise), ...marksOf(t, exercise)].join(' · ')}</Quiet>
    </ItemLink>
  )
}

function gaitsOf(t: Text, { gaits }: ExerciseItem): string[] {
  return gaits.length > 0 ? [gaits.map((g) => wordIn(t, 'gait', g)).join(', ')] : []
}

function marksOf(t: Text, { people, isHard, isOwn, schools }: ExerciseItem): string[] {
  return [
    ...(people === 'NOBODY' ? [] : [t(`whoIsThere.${people}`).toLowerCase()]),
    ...(isHard ? [t('library.hard')] : []),
    ...(isOwn ? [t(schools.length === 0 ? 'own.away' : 'own.mark')] : []),
  ]
}
