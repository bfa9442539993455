import { Flex, Grid } from '@chakra-ui/react'
import { useId } from 'react'
import type { GroundArena, GroundRoom, WantedThing } from '../api'
import { useText } from '../text'
import { FieldLabel, Select, Steps } from '../ui'
import { FanEditor, FencesEditor, RowEditor } from './BarsEditor'
import { CourseEditor } from './CourseEditor'
import { NumberField } from './NumberField'
import { headed, headingOf, placed, placeOf, usualFigure } from './things'
import type { Figure } from './things'

/** What is counted of a figure. */
const COUNTED: Partial<Record<Figure['form'], 'LOOPS' | 'TURNS'>> = { SERPENTINE: 'LOOPS', SPIRAL: 'TURNS' }

const REINS = ['LEFT', 'RIGHT'] as const

interface ThingEditorProps {
  thing: WantedThing
  things: WantedThing[]
  room: GroundRoom
  arena: GroundArena
  onChange: (thing: WantedThing) => void
}

/** What can be typed of a thing: all that the hand can do, and what it cannot. */
export function ThingEditor({ thing, things, room, arena, onChange }: ThingEditorProps) {
  const { t } = useText()
  const gait = useId()
  const place = placeOf(thing)
  const heading = headingOf(thing)
  return (
    <Flex direction="column" gap="3">
      {thing.figure && (
        <FigureEditor
          figure={thing.figure}
          room={room}
          arena={arena}
          onChange={(figure) => onChange({ ...thing, figure })}
        />
      )}
      {thing.sideways && (
        <Grid templateColumns="1fr 1fr" gap="2">
          <LetterField
            label={t('ground.from')}
            arena={arena}
            value={thing.sideways.from}
            onChange={(from) =>
              thing.sideways && onChange({ ...thing, sideways: { ...thing.sideways, from } })
            }
          />
          <LetterField
            label={t('ground.to')}
            arena={arena}
            value={thing.sideways.to}
            onChange={(to) => thing.sideways && onChange({ ...thing, sideways: { ...thing.sideways, to } })}
          />
        </Grid>
      )}
      {thing.quarters && (
        <QuartersEditor thing={thing} quarters={thing.quarters} arena={arena} onChange={onChange} />
      )}
      {thing.row && <RowEditor thing={thing} row={thing.row} onChange={onChange} />}
      {thing.fan && <FanEditor thing={thing} fan={thing.fan} onChange={onChange} />}
      {thing.fences && (
        <FencesEditor thing={thing} fences={thing.fences} usualM={room.lineM} onChange={onChange} />
      )}
      {thing.course && (
        <CourseEditor thing={thing} course={thing.course} things={things} onChange={onChange} />
      )}
      {isPaced(thing) && (
        <div>
          <FieldLabel htmlFor={gait}>{t('ground.gaitOf')}</FieldLabel>
          <Select
            id={gait}
            value={thing.pace ?? ''}
            onChange={(e) =>
              onChange({ ...thing, pace: room.gaits.find((g) => g.pace === e.target.value)?.pace ?? null })
            }
          >
            <option value="">{t('ground.asAll')}</option>
            {room.gaits.map((g) => (
              <option key={g.pace} value={g.pace}>
                {t(`gait.${g.pace}`)}
              </option>
            ))}
          </Select>
        </div>
      )}
      {place && (
        <Grid templateColumns="repeat(3, minmax(0, 1fr))" gap="2">
          <NumberField
            label={t('ground.across')}
            isLength
            value={place.x}
            least={-60}
            most={260}
            onChange={(x) => onChange(placed(thing, { ...place, x }))}
          />
          <NumberField
            label={t('ground.up')}
            isLength
            value={place.y}
            least={-60}
            most={560}
            onChange={(y) => onChange(placed(thing, { ...place, y }))}
          />
          {heading !== null && (
            <NumberField
              label={t('ground.heading')}
              value={Math.round(heading)}
              least={-360}
              most={360}
              onChange={(to) => onChange(headed(thing, to))}
            />
          )}
        </Grid>
      )}
    </Flex>
  )
}

/** Its numbers depend on how it is ridden. */
const isPaced = (thing: WantedThing) => !!(thing.figure ?? thing.row ?? thing.fan)

interface FigureEditorProps {
  figure: Figure
  room: GroundRoom
  arena: GroundArena
  onChange: (figure: Figure) => void
}

function FigureEditor({ figure, room, arena, onChange }: FigureEditorProps) {
  const { t } = useText()
  const form = useId()
  const kind = room.forms.find((f) => f.form === figure.form)
  if (!kind) return null
  const asks = (field: (typeof kind.fields)[number]) => kind.fields.includes(field)
  return (
    <>
      <div>
        <FieldLabel htmlFor={form}>{t('ground.figure')}</FieldLabel>
        <Select
          id={form}
          value={figure.form}
          onChange={(e) => {
            const next = room.forms.find((f) => f.form === e.target.value)
            if (next) onChange(usualFigure(next, room, figure.rein))
          }}
        >
          {room.forms.map((f) => (
            <option key={f.form} value={f.form}>
              {t(`ground.kind.${f.form}`)}
            </option>
          ))}
        </Select>
      </div>
      <Steps
        label={t('ground.rein')}
        values={REINS}
        chosen={figure.rein === 'RIGHT' ? 'RIGHT' : 'LEFT'}
        nameOf={(r) => t(`Rein.${r}`)}
        onChoose={(rein) => rein && onChange({ ...figure, rein })}
      />
      <Grid templateColumns="repeat(auto-fit, minmax(96px, 1fr))" gap="2">
        {asks('AT') && (
          <LetterField
            label={t('ground.at')}
            arena={arena}
            value={figure.at}
            onChange={(at) => onChange({ ...figure, at })}
          />
        )}
        {asks('SIZE') && (
          <NumberField
            label={t(figure.form === 'LOOP' || figure.form === 'ZIGZAG' ? 'ground.depth' : 'ground.size')}
            isLength
            value={figure.sizeM}
            least={kind.size.least}
            most={kind.size.most}
            onChange={(sizeM) => onChange({ ...figure, sizeM })}
          />
        )}
        {asks('TO') && (
          <NumberField
            label={t('ground.narrowest')}
            isLength
            value={figure.toM}
            least={room.narrowest.least}
            most={room.narrowest.most}
            onChange={(toM) => onChange({ ...figure, toM })}
          />
        )}
        {asks('COUNT') && (
          <NumberField
            label={t(`ground.counts.${COUNTED[figure.form] ?? 'LEGS'}`)}
            value={figure.count}
            least={kind.count.least}
            most={kind.count.most}
            isWhole
            onChange={(count) => onChange({ ...figure, count })}
          />
        )}
        {asks('CORNER') && (
          <NumberField
            label={t('ground.corner')}
            isLength
            value={figure.cornerM}
            least={room.corner.least}
            most={room.corner.most}
            onChange={(cornerM) => onChange({ ...figure, cornerM })}
          />
        )}
      </Grid>
    </>
  )
}

interface LetterFieldProps {
  label: string
  arena: GroundArena
  value: string
  onChange: (letter: string) => void
}

/** A letter or landmark of this arena that one can ride at. */
function LetterField({ label, arena, value, onChange }: LetterFieldProps) {
  const id = useId()
  const inside = Object.entries(arena.letters)
    .filter(([, p]) => p.x >= 0 && p.x <= arena.widthM && p.y >= 0 && p.y <= arena.lengthM)
    .map(([letter]) => letter)
  const letters = [...new Set(['A', 'B', 'C', 'E', 'X', value, ...inside])].sort()
  return (
    <div>
      <FieldLabel htmlFor={id}>{label}</FieldLabel>
      <Select id={id} value={value} onChange={(e) => onChange(e.target.value)}>
        {letters.map((letter) => (
          <option key={letter}>{letter}</option>
        ))}
      </Select>
    </div>
  )
}

interface QuartersEditorProps {
  thing: WantedThing
  quarters: NonNullable<WantedThing['quarters']>
  arena: GroundArena
  onChange: (thing: WantedThing) => void
}

function QuartersEditor({ thing, quarters, arena, onChange }: QuartersEditorProps) {
  const { t } = useText()
  const set = (change: Partial<typeof quarters>) =>
    onChange({ ...thing, quarters: { ...quarters, ...change } })
  return (
    <>
      <Steps
        label={t('ground.rein')}
        values={REINS}
        chosen={quarters.rein === 'RIGHT' ? 'RIGHT' : 'LEFT'}
        nameOf={(r) => t(`Rein.${r}`)}
        onChoose={(rein) => rein && set({ rein })}
      />
      <Grid templateColumns="repeat(3, minmax(0, 1fr))" gap="2">
        <LetterField
          label={t('ground.at')}
          arena={arena}
          value={quarters.at}
          onChange={(at) => set({ at })}
        />
        <NumberField
          label={t('ground.foreCircle')}
          isLength
          value={quarters.foreM}
          least={6}
          most={60}
          onChange={(foreM) => set({ foreM, hindM: Math.min(quarters.hindM, foreM) })}
        />
        <NumberField
          label={t('ground.hindCircle')}
          isLength
          value={quarters.hindM}
          least={4}
          most={quarters.foreM}
          onChange={(hindM) => set({ hindM })}
        />
      </Grid>
    </>
  )
}
