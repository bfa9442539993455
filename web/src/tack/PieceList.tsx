import { Box, chakra, Flex } from '@chakra-ui/react'
import { Lock } from 'lucide-react'
import { useState } from 'react'
import type { PieceView, Tack } from '../api'
import { useMe } from '../session'
import { dayAndYear, useText } from '../text'
import { Button, Card, CardTitle, Quiet, Trouble, WhyBox } from '../ui'
import { PieceForm } from './PieceForm'
import { useTack } from './useTack'

interface PieceListProps {
  pair: string
  tack: Tack
  /** The piece whose headgear is drawn beside the list. */
  shown: string | undefined
  onShow: (piece: string) => void
}

/** What is in use, what waits and for what, what was put away. */
export function PieceList({ pair, tack, shown, onShow }: PieceListProps) {
  const { t } = useText()
  const place = (p: PieceView) => tack.kinds.findIndex((k) => k.kind === p.piece.kind)
  const of = (stage: PieceView['stage']) =>
    tack.pieces.filter((p) => p.stage === stage).sort((a, b) => place(a) - place(b))
  const lines = (pieces: PieceView[]) =>
    pieces.map((p) => (
      <PieceLine key={p.id} pair={pair} tack={tack} view={p} isShown={p.id === shown} onShow={onShow} />
    ))
  return (
    <>
      <Card>
        <CardTitle>{t('tack.inUse')}</CardTitle>
        {of('IN_USE').length === 0 && <Quiet>{t('tack.nothingInUse')}</Quiet>}
        {lines(of('IN_USE'))}
      </Card>
      {of('LATER').length > 0 && (
        <Card>
          <CardTitle>{t('tack.later')}</CardTitle>
          {lines(of('LATER'))}
        </Card>
      )}
      {of('PUT_AWAY').length > 0 && (
        <WhyBox>
          <summary>{t('tack.putAwayMany', { count: of('PUT_AWAY').length })}</summary>
          {lines(of('PUT_AWAY'))}
        </WhyBox>
      )}
    </>
  )
}

interface PieceLineProps extends Omit<PieceListProps, 'shown'> {
  view: PieceView
  isShown: boolean
}

function PieceLine({ pair, tack, view, isShown, onShow }: PieceLineProps) {
  const { t } = useText()
  const { actions } = useMe()
  const [isOpen, setOpen] = useState(false)
  const change = useTack(pair)
  const { piece } = view
  const say = (more: Partial<typeof piece>) =>
    change.mutate({ id: view.id, version: view.version, piece: { ...piece, ...more } })
  if (isOpen) {
    return (
      <Box paddingY="3" borderTopWidth="1px" borderColor="line">
        <PieceForm
          key={view.version}
          pair={pair}
          tack={tack}
          id={view.id}
          version={view.version}
          piece={piece}
          onDone={() => setOpen(false)}
        />
      </Box>
    )
  }
  return (
    <Flex
      paddingY="3"
      borderTopWidth="1px"
      borderColor="line"
      gap="2"
      align={{ base: 'stretch', md: 'flex-start' }}
      direction={{ base: 'column', md: 'row' }}
    >
      <Box flex="1" minWidth="0">
        <Flex gap="3" align="baseline" wrap="wrap">
          <chakra.h3 fontWeight="700" fontSize="lg" fontFamily="body">
            {piece.name}
          </chakra.h3>
          <Quiet>{t(`tack.kind.${piece.kind}`)}</Quiet>
        </Flex>
        <Quiet>
          {[
            piece.since && t('tack.sinceDay', { day: dayAndYear(piece.since) }),
            piece.until && t('tack.untilDay', { day: dayAndYear(piece.until) }),
            piece.lookedAtOn && t('tack.lookedAtDay', { day: dayAndYear(piece.lookedAtOn) }),
          ]
            .filter(Boolean)
            .join(' · ')}
        </Quiet>
        {view.stage === 'LATER' && piece.firstHolds && (
          <Flex gap="2" marginTop="1.5" align="center">
            <chakra.span color="warn" flexShrink={0}>
              <Lock size={18} aria-hidden />
            </chakra.span>
            <chakra.p fontWeight="650">{t('tack.firstHoldsSaid', { what: piece.firstHolds })}</chakra.p>
          </Flex>
        )}
        {piece.note && <p>{piece.note}</p>}
        {change.isError && <Trouble cause={change.error} />}
      </Box>
      <Flex gap="1" wrap="wrap" flexShrink={0}>
        {piece.headgear && !isShown && (
          <Button look="bare" onClick={() => onShow(view.id)}>
            {t('tack.showWhere')}
          </Button>
        )}
        {actions.includes('EDIT_PAIR') && (
          <>
            <Button look="bare" disabled={change.isPending} onClick={() => say(STEP[view.stage](tack.today))}>
              {t(`tack.step.${view.stage}`)}
            </Button>
            <Button
              look="bare"
              aria-label={t('tack.changeWhat', { what: piece.name })}
              onClick={() => setOpen(true)}
            >
              {t('tack.change')}
            </Button>
          </>
        )}
      </Flex>
    </Flex>
  )
}

/** What one touch does with a piece, where it stands. */
const STEP: Record<PieceView['stage'], (day: string) => Partial<PieceView['piece']>> = {
  IN_USE: (until) => ({ until }),
  LATER: (since) => ({ since }),
  PUT_AWAY: () => ({ until: null }),
}
