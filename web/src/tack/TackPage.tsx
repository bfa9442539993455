import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Plus } from 'lucide-react'
import { useState } from 'react'
import { useParams } from 'react-router'
import { v7 } from 'uuid'
import { queries } from '../api'
import type { HeadgearView, Tack, TackPiece } from '../api'
import { useMe } from '../session'
import { useText } from '../text'
import { Back, Button, Card, CardTitle, FieldLabel, Quiet, Select, Trouble, Wait } from '../ui'
import { BesidePart } from './BesidePart'
import { bringsIn } from './brings'
import { HeadDrawing } from './HeadDrawing'
import { LeverPart } from './LeverPart'
import { PieceForm } from './PieceForm'
import { PieceList } from './PieceList'
import { OTHER } from './useTack'

/** The moment: at the rack, or when a stronger bit is talked about. What is on this horse, since when, and what does it press? */
export default function TackPage() {
  const { id = '' } = useParams()
  const { t } = useText()
  const tack = useQuery(queries.tack(id))
  if (tack.isPending) return <Wait />
  if (tack.isError) return <Trouble cause={tack.error} onAgain={() => void tack.refetch()} />
  return (
    <Flex direction="column" gap="5">
      <Box>
        <chakra.h1 fontSize={{ base: '3xl', md: '5xl' }} fontWeight="770">
          {t('tack.title', { horse: tack.data.horse })}
        </chakra.h1>
        <Back to={`/pairs/${id}`}>{t('tack.back', { horse: tack.data.horse, rider: tack.data.rider })}</Back>
      </Box>
      <Pieces pair={id} tack={tack.data} />
    </Flex>
  )
}

function Pieces({ pair, tack }: { pair: string; tack: Tack }) {
  const { t } = useText()
  const { actions } = useMe()
  const [shown, setShown] = useState<string>()
  const [added, setAdded] = useState<{ id: string; piece: TackPiece }>()
  const worn = tack.pieces.find((p) => p.stage === 'IN_USE' && p.piece.headgear)
  const piece = tack.pieces.find((p) => p.id === shown) ?? worn
  const nameOf = (headgear: string) =>
    tack.headgears.find((h) => h.id === headgear)?.name ?? t('tack.otherHeadgear')
  return (
    <Grid templateColumns={{ base: '1fr', lg: '5fr 4fr' }} gap="6" alignItems="start">
      <Flex direction="column" gap="5" minWidth="0">
        <PieceList pair={pair} tack={tack} shown={piece?.id} onShow={setShown} />
        {actions.includes('EDIT_PAIR') &&
          (added ? (
            <Card>
              <CardTitle>{t('tack.add')}</CardTitle>
              <PieceForm
                key={added.id}
                pair={pair}
                tack={tack}
                id={added.id}
                version={0}
                piece={added.piece}
                onDone={() => setAdded(undefined)}
              />
            </Card>
          ) : (
            <Box>
              <Button onClick={() => setAdded({ id: v7(), piece: blank(tack) })}>
                <Plus size={18} aria-hidden /> {t('tack.add')}
              </Button>
            </Box>
          ))}
      </Flex>
      <Flex direction="column" gap="5" minWidth="0">
        <PressCard key={piece?.id ?? 'none'} tack={tack} piece={piece} />
        <BesidePart beside={tack.beside} nameOf={nameOf} />
      </Flex>
    </Grid>
  )
}

/** A piece's own headgear, or any of the list to look at beside it. */
function PressCard({ tack, piece }: { tack: Tack; piece: Tack['pieces'][number] | undefined }) {
  const { t } = useText()
  const [chosen, setChosen] = useState(piece?.piece.headgear ?? tack.headgears[0]?.id ?? OTHER)
  const [angleDeg, setAngle] = useState(45)
  const [reinKg, setRein] = useState(4)
  const headgear: HeadgearView | undefined = tack.headgears.find((h) => h.id === chosen)
  const isOwn = piece?.piece.headgear === chosen
  const lever = (isOwn ? piece.lever : null) ?? headgear?.lever
  return (
    <Card>
      <CardTitle>{t('tack.where')}</CardTitle>
      <FieldLabel htmlFor="headgear-shown">{t('tack.shown')}</FieldLabel>
      <Select id="headgear-shown" value={chosen} onChange={(e) => setChosen(e.target.value)} marginBottom="3">
        {tack.headgears.map((h) => (
          <option key={h.id} value={h.id}>
            {h.name}
          </option>
        ))}
        <option value={OTHER}>{t('tack.otherHeadgear')}</option>
      </Select>
      {headgear ? (
        <>
          <HeadDrawing headgear={headgear} lever={lever ? { size: lever, angleDeg } : undefined} />
          <chakra.p marginTop="3">{headgear.acts}</chakra.p>
          {headgear.caution && (
            <chakra.p marginTop="1" fontWeight="650">
              {headgear.caution}
            </chakra.p>
          )}
          {headgear.brings && (
            <chakra.p marginTop="2" fontWeight="650">
              {bringsIn(t, headgear.brings)} {t('tack.milderFirst')}
            </chakra.p>
          )}
          {lever && (
            <LeverPart
              lever={lever}
              angleDeg={angleDeg}
              onAngle={setAngle}
              reinKg={reinKg}
              onRein={setRein}
            />
          )}
          <Quiet marginTop="3">{t('tack.hands')}</Quiet>
        </>
      ) : (
        <Quiet>{t('tack.notInList')}</Quiet>
      )}
    </Card>
  )
}

function blank(tack: Tack): TackPiece {
  const hasHeadgear = tack.now !== null
  return {
    kind: hasHeadgear ? 'SADDLE' : 'HEADGEAR',
    name: '',
    headgear: hasHeadgear ? null : (tack.headgears[1]?.id ?? OTHER),
    aboveMm: null,
    belowMm: null,
    slackMm: null,
    since: tack.today,
    until: null,
    firstHolds: null,
    note: null,
    lookedAtOn: null,
  }
}
