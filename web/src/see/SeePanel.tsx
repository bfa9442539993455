import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { X } from 'lucide-react'
import { useState } from 'react'
import type { ReactNode } from 'react'
import { wordIn, useText } from '../text'
import type { Packet, WatchItem, EarlierMark } from '../api'
import type { RideMark, Segment, Side } from '../record'
import { ACROSS } from '../theme'
import { Button, SideLetter } from '../ui'
import { HorseFigure, RiderFigure } from './Figures'
import { Hands } from './Hands'
import { Measured } from './Measured'
import type { HeadAim } from './Measured'
import type { NewMark } from './newMark'
import { usualOf } from './usual'
import { WatchList } from './WatchList'
import { HABITS, HORSE, RIDER } from './words'
import type { Region, Word } from './words'

const USUAL = 4
const TABS = ['rider', 'horse', 'hand', 'measured'] as const
/** What is seen of the leads in canter is one touch away, on every tab. */
const LEADS = ['wrong-lead', 'disunited']
const UNWANTED_GAIT = 'unwanted-gait'
type Tab = (typeof TABS)[number]

interface SeePanelProps {
  marks: RideMark[]
  /** The last ask that can be released from; undefined before the first. */
  lastAsk: string | undefined
  segment: Segment
  watch: WatchItem[]
  before: EarlierMark[]
  aim: HeadAim | null
  /** Gaits this horse is not to use. */
  unwanted: Packet['known']['unwanted']
  /** What a rein without weight is for this pair. */
  slack: Packet['settled']['slack']
  onSay: (said: NewMark) => void
  onClose: () => void
  /** What can be done about the hand beside. */
  children?: ReactNode
}

/** Rider and horse as figures: touch the place, then the word. What the pair is marked for most stands first. */
export function SeePanel({
  marks,
  lastAsk,
  segment,
  watch,
  before,
  aim,
  unwanted,
  slack,
  onSay,
  onClose,
  children,
}: SeePanelProps) {
  const { t } = useText()
  const [tab, setTab] = useState<Tab>('rider')
  return (
    <Panel role="region" aria-label={t('see.title')} onKeyDown={(e) => e.key === 'Escape' && onClose()}>
      <Flex gap="1.5">
        {TABS.map((each) => (
          <Button
            key={each}
            look="key"
            flex="1"
            paddingX="1"
            autoFocus={each === tab}
            aria-pressed={tab === each}
            onClick={() => setTab(each)}
          >
            {t(`see.tab.${each}`)}
          </Button>
        ))}
        <Button paddingX="3" aria-label={t('see.close')} onClick={onClose}>
          <X size={22} aria-hidden />
        </Button>
      </Flex>
      {segment.gait === 'CANTER' && (
        <Grid
          role="group"
          aria-label={t('see.inCanter')}
          templateColumns="repeat(2, minmax(0, 1fr))"
          gap="1.5"
        >
          {LEADS.map((name) => (
            <Button
              key={name}
              look="key"
              minHeight="52px"
              onClick={() => onSay({ kind: 'sign', name, side: 'NONE' })}
            >
              {wordIn(t, 'seen', name)}
            </Button>
          ))}
        </Grid>
      )}
      {unwanted.length > 0 && (
        <Button
          look="key"
          minHeight="52px"
          lineHeight="1.1"
          onClick={() => onSay({ kind: 'sign', name: UNWANTED_GAIT, side: 'NONE' })}
        >
          {t('see.unwanted', { gaits: unwanted.map((u) => u.name).join(', ') })}
        </Button>
      )}
      {(tab === 'rider' || tab === 'horse') && (
        <WatchList
          watch={watch.filter((w) => w.isSign === (tab === 'horse'))}
          marks={marks}
          onTick={(which, seen) => onSay({ kind: 'watched', watch: which, seen })}
        />
      )}
      {tab === 'hand' ? (
        <>
          <Hands slack={slack} lastAsk={lastAsk} onSay={onSay} />
          {children}
        </>
      ) : tab === 'measured' ? (
        <Measured segment={segment} aim={aim} onSay={onSay} />
      ) : (
        <Sightings
          key={tab}
          kind={tab === 'rider' ? 'fault' : 'sign'}
          before={before}
          marks={marks}
          onSay={onSay}
        />
      )}
    </Panel>
  )
}

interface SightingsProps {
  kind: 'fault' | 'sign'
  before: EarlierMark[]
  marks: RideMark[]
  onSay: (said: NewMark) => void
}

function Sightings({ kind, before, marks, onSay }: SightingsProps) {
  const { t } = useText()
  const regions = kind === 'fault' ? RIDER : HORSE
  const [at, setAt] = useState<Region | undefined>(undefined)
  const usual = usualOf(before, marks, kind, USUAL)
  const say = (name: string, side: Side) => onSay({ kind, name, side })
  return (
    <>
      {usual.length > 0 && (
        <Flex gap="1.5" wrap="wrap" role="group" aria-label={t('see.usual')}>
          {usual.map((u) => (
            <Button key={u.name + u.side} paddingX="3" onClick={() => say(u.name, u.side)}>
              {u.side !== 'NONE' && <SideLetter side={u.side} />}
              {wordIn(t, 'seen', u.name)}
            </Button>
          ))}
        </Flex>
      )}
      <Box
        position="relative"
        aspectRatio="360 / 300"
        maxHeight="44vh"
        css={{ [ACROSS]: { maxHeight: 'none' } }}
        marginX="auto"
        width="min(100%, 26rem)"
      >
        {kind === 'fault' ? <RiderFigure /> : <HorseFigure />}
        {regions.map((r) => (
          <Button
            key={r.region}
            look="key"
            position="absolute"
            left={`${String(r.at[0])}%`}
            top={`${String(r.at[1])}%`}
            translate="-50% -50%"
            paddingX="2.5"
            minHeight="48px"
            fontSize="sm"
            whiteSpace="nowrap"
            aria-pressed={at?.region === r.region}
            onClick={() => setAt(r)}
          >
            {wordIn(t, 'region', r.region)}
          </Button>
        ))}
      </Box>
      <Box flex="1" minHeight="0" overflowY="auto" aria-live="polite">
        {at ? (
          <Words words={at.words} onSay={say} />
        ) : kind === 'fault' ? (
          <>
            <chakra.p color="quiet" fontSize="sm" marginBottom="1.5">
              {t('see.habits')}
            </chakra.p>
            <Words words={HABITS} onSay={say} />
          </>
        ) : (
          <chakra.p color="quiet">{t('see.touch')}</chakra.p>
        )}
      </Box>
    </>
  )
}

function Words({ words, onSay }: { words: Word[]; onSay: (name: string, side: Side) => void }) {
  const { t } = useText()
  return (
    <Grid templateColumns="repeat(auto-fill, minmax(9.5rem, 1fr))" gap="1.5">
      {words.map((w) =>
        w.sided ? (
          <Flex key={w.name} role="group" aria-label={wordIn(t, 'seen', w.name)} align="stretch">
            {(['LEFT', 'RIGHT'] as const).map((side, i) => (
              <SideButton
                key={side}
                order={i === 0 ? 0 : 2}
                aria-label={`${wordIn(t, 'seen', w.name)}, ${t(`side.${side}`)}`}
                onClick={() => onSay(w.name, side)}
              >
                <SideLetter side={side} />
              </SideButton>
            ))}
            <Name order={1}>{wordIn(t, 'seen', w.name)}</Name>
          </Flex>
        ) : (
          <Button
            key={w.name}
            minHeight="52px"
            paddingX="2"
            lineHeight="1.15"
            borderColor={w.good ? 'good' : undefined}
            onClick={() => onSay(w.name, 'NONE')}
          >
            {wordIn(t, 'seen', w.name)}
          </Button>
        ),
      )}
    </Grid>
  )
}

const Panel = chakra('div', {
  base: {
    display: 'flex',
    flexDirection: 'column',
    gap: '2.5',
    minHeight: '0',
    height: '100%',
    padding: '2.5',
    background: 'card',
    borderRadius: 'card',
    borderWidth: '1px',
    borderColor: 'line',
  },
})

const SideButton = chakra('button', {
  base: {
    minWidth: '48px',
    minHeight: '52px',
    display: 'grid',
    placeItems: 'center',
    background: 'sunken',
    borderRadius: 'key',
    cursor: 'pointer',
    touchAction: 'manipulation',
  },
})

const Name = chakra('span', {
  base: {
    flex: '1',
    display: 'grid',
    placeItems: 'center',
    textAlign: 'center',
    fontWeight: '650',
    lineHeight: '1.1',
    fontSize: 'sm',
    overflowWrap: 'anywhere',
  },
})
