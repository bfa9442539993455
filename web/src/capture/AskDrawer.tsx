import { chakra, Flex, Grid } from '@chakra-ui/react'
import { Trash2 } from 'lucide-react'
import { useState } from 'react'
import { useText } from '../text'
import { AID_ORDERS, BOUNDS, FEET, MANNERS, MEANS, RELEASES, RESPONSES, STRENGTHS } from '../record'
import type { Aid, AskDetail, Release, Response, Side, Strength } from '../record'
import { Button, Select, SideLetter } from '../ui'
import { Chips, Drawer } from './Drawer'

/** One ask, with what more there is to say of it. */
export interface Ask extends AskDetail {
  strength: Strength
  response: Response
}

interface AskDrawerProps {
  ask: Ask
  /** What is usually asked with here. */
  usual: Aid[]
  /** Nothing was said of its release yet. */
  canRelease: boolean
  onKeep: (ask: Ask, release: Release | undefined) => void
  onClose: () => void
}

/** What a long touch opens: the answer, the level first asked, the aids, the release. All but the first two may stay open. */
export function AskDrawer({ ask, usual, canRelease, onKeep, onClose }: AskDrawerProps) {
  const { t } = useText()
  const [said, setSaid] = useState(ask)
  const [aids, setAids] = useState(ask.aids ?? usual)
  const [release, setRelease] = useState<Release>()
  const change = (what: Partial<Ask>) => setSaid((now) => ({ ...now, ...what }))
  const title = `${t(`response.${said.response}`)}, ${String(said.strength)} ${t(`strength.${said.strength}`)}`
  const lower = STRENGTHS.filter((s) => s <= said.strength)
  const keep = () => {
    const { strength, response, first, order } = said
    const isUsual = JSON.stringify(aids) === JSON.stringify(usual)
    onKeep(
      {
        strength,
        response,
        ...(first !== undefined && first <= strength && { first }),
        ...(aids.length > 0 && !isUsual && { aids }),
        ...(aids.length > 1 && order && { order }),
      },
      release,
    )
  }
  return (
    <Drawer
      title={title}
      name={t('ask.title')}
      onClose={onClose}
      foot={
        <Button look="live" minHeight="64px" fontSize="lg" onClick={keep}>
          {t('ride.keep')}
        </Button>
      }
    >
      <Chips
        name={t('ask.response')}
        words={RESPONSES}
        now={said.response}
        text={(r) => t(`response.${r}`)}
        isNeeded
        onChoose={(response) => response && change({ response })}
      />
      <Chips
        name={t('ask.strength')}
        words={STRENGTHS}
        now={said.strength}
        text={(s) => <Level level={s} />}
        isNeeded
        onChoose={(strength) => strength && change({ strength })}
      />
      {lower.length > 1 && (
        <Chips
          name={t('ask.first')}
          words={lower}
          now={said.first}
          text={(s) => <Level level={s} />}
          columns={4}
          onChoose={(first) => setSaid(({ first: _, ...now }) => (first ? { ...now, first } : now))}
        />
      )}
      {canRelease && (
        <Chips
          name={t('ask.release')}
          words={RELEASES}
          now={release}
          text={(r) => t(`release.${r}`)}
          onChoose={setRelease}
        />
      )}
      <Aids
        aids={aids}
        order={said.order}
        onAids={setAids}
        onOrder={(order) => setSaid(({ order: _, ...now }) => (order ? { ...now, order } : now))}
      />
    </Drawer>
  )
}

function Level({ level }: { level: Strength }) {
  const { t } = useText()
  return (
    <span>
      {level}
      <chakra.span display="block" fontSize="sm" fontWeight="500">
        {t(`strength.${level}`)}
      </chakra.span>
    </span>
  )
}

interface AidsProps {
  aids: Aid[]
  order: AskDetail['order']
  onAids: (aids: Aid[]) => void
  onOrder: (order: AskDetail['order']) => void
}

/** The aids of the ask, in order: each with side, manner and foot. */
function Aids({ aids, order, onAids, onOrder }: AidsProps) {
  const { t } = useText()
  const put = (at: number, aid: Aid) => onAids(aids.map((a, i) => (i === at ? aid : a)))
  return (
    <chakra.div role="group" aria-label={t('ask.aids')} display="grid" gap="2">
      <chakra.div fontWeight="650">{t('ask.aids')}</chakra.div>
      {aids.map((aid, at) => (
        <AidRow
          key={at}
          aid={aid}
          onChange={(changed) => put(at, changed)}
          onRemove={() => onAids(aids.filter((_, i) => i !== at))}
        />
      ))}
      {aids.length < BOUNDS.exchange.aids.most && (
        <Select
          aria-label={t('ask.add')}
          value=""
          onChange={(e) => {
            const means = MEANS.find((m) => m === e.target.value)
            if (means) onAids([...aids, { means, side: 'NONE' }])
          }}
        >
          <option value="">{t('ask.add')}</option>
          {MEANS.map((m) => (
            <option key={m} value={m}>
              {t(`means.${m}`)}
            </option>
          ))}
        </Select>
      )}
      {aids.length > 1 && (
        <Chips
          name={t('ask.order')}
          words={AID_ORDERS}
          now={order}
          text={(o) => t(`order.${o}`)}
          onChoose={onOrder}
        />
      )}
    </chakra.div>
  )
}

const WITH_SIDE: Aid['means'][] = ['LEG', 'REIN', 'WEIGHT', 'WHIP', 'SEAT']
const NEXT_SIDE: Record<Side, Side> = { NONE: 'LEFT', LEFT: 'RIGHT', RIGHT: 'NONE' }

interface AidRowProps {
  aid: Aid
  onChange: (aid: Aid) => void
  onRemove: () => void
}

function AidRow({ aid, onChange, onRemove }: AidRowProps) {
  const { t } = useText()
  const name = t(`means.${aid.means}`)
  const { manner, foot, ...bare } = aid
  return (
    <Grid
      templateColumns="minmax(0, 1.35fr) minmax(0, 1fr) minmax(0, 1fr) 48px"
      gap="1.5"
      role="group"
      aria-label={name}
    >
      {WITH_SIDE.includes(aid.means) ? (
        <Button paddingX="2" onClick={() => onChange({ ...aid, side: NEXT_SIDE[aid.side] })}>
          <Side side={aid.side} />
          <chakra.span truncate>{name}</chakra.span>
        </Button>
      ) : (
        <Flex align="center" fontWeight="650" paddingX="2">
          {name}
        </Flex>
      )}
      <Select
        aria-label={`${name}: ${t('ask.manner')}`}
        paddingX="2"
        value={manner ?? ''}
        onChange={(e) => {
          const chosen = MANNERS.find((m) => m === e.target.value)
          onChange({ ...bare, ...(chosen && { manner: chosen }), ...(foot && { foot }) })
        }}
      >
        <option value="">{t('ask.manner')}</option>
        {MANNERS.map((m) => (
          <option key={m} value={m}>
            {t(`manner.${m}`)}
          </option>
        ))}
      </Select>
      <Select
        aria-label={`${name}: ${t('ask.foot')}`}
        paddingX="2"
        value={foot ?? ''}
        onChange={(e) => {
          const chosen = FEET.find((f) => f === e.target.value)
          onChange({ ...bare, ...(manner && { manner }), ...(chosen && { foot: chosen }) })
        }}
      >
        <option value="">{t('ask.foot')}</option>
        {FEET.map((f) => (
          <option key={f} value={f}>
            {t(`foot.${f}`)}
          </option>
        ))}
      </Select>
      <Button paddingX="0" aria-label={t('ask.remove', { aid: name })} onClick={onRemove}>
        <Trash2 size={18} aria-hidden />
      </Button>
    </Grid>
  )
}

function Side({ side }: { side: Side }) {
  return side === 'NONE' ? <chakra.span aria-hidden>–</chakra.span> : <SideLetter side={side} />
}
