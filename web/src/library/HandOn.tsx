import { Box, chakra, Flex } from '@chakra-ui/react'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { allOf, answerOf, api } from '../api'
import type { OwnFile, OwnImport } from '../api'
import { useText } from '../text'
import { AnchorButton, Button, Card, CardTitle, Quiet, Trouble } from '../ui'

/** To another yard, or from one: what a file would do is seen before it is done. */
export function HandOn() {
  const { t } = useText()
  const client = useQueryClient()
  const [file, setFile] = useState<OwnFile>()
  const [isUnreadable, setUnreadable] = useState(false)
  const take = useMutation({
    mutationFn: ({ of, isPreview }: { of: OwnFile; isPreview: boolean }) =>
      answerOf(api.POST('/api/v1/library/imports', { body: { isPreview, file: of } })),
    onSuccess: async (seen) => {
      if (!seen.isDone) return
      setFile(undefined)
      await Promise.all(
        (['library', 'own', 'exercise'] as const).map((of) => client.invalidateQueries(allOf(of))),
      )
    },
  })
  const choose = async (chosen: File) => {
    setUnreadable(false)
    take.reset()
    try {
      // what is in it is checked by the server, which says where something is wrong
      const of = JSON.parse(await chosen.text()) as OwnFile
      setFile(of)
      take.mutate({ of, isPreview: true })
    } catch {
      setUnreadable(true)
    }
  }
  return (
    <Card marginTop="4">
      <CardTitle>{t('own.handOn')}</CardTitle>
      <Quiet marginBottom="3">{t('own.handOnLead')}</Quiet>
      <Flex gap="3" wrap="wrap">
        <AnchorButton href="/api/v1/library/own-work.json" download="own-work.json">
          {t('own.export')}
        </AnchorButton>
        <Button asChild>
          <label>
            {t('own.import')}
            <OutOfSight
              type="file"
              accept=".json,application/json"
              onChange={(e) => {
                const [chosen] = e.target.files ?? []
                if (chosen) void choose(chosen)
                e.target.value = ''
              }}
            />
          </label>
        </Button>
      </Flex>
      {isUnreadable && (
        <chakra.p role="alert" marginTop="2" color="warn" fontWeight="650">
          {t('own.unreadable')}
        </chakra.p>
      )}
      {take.isError && <Trouble cause={take.error} />}
      {take.data && (
        <ImportPreview
          seen={take.data}
          onTake={file ? () => take.mutate({ of: file, isPreview: false }) : undefined}
        />
      )}
    </Card>
  )
}

const OutOfSight = chakra('input', {
  base: { position: 'absolute', width: '1px', height: '1px', opacity: 0 },
})

function ImportPreview({ seen, onTake }: { seen: OwnImport; onTake: (() => void) | undefined }) {
  const { t } = useText()
  const items = [...seen.exercises, ...seen.progressions]
  const isPossible = items.every((i) => i.effect !== 'CANNOT') && items.some((i) => i.effect !== 'IS_THERE')
  if (seen.isDone) {
    return (
      <chakra.p role="status" marginTop="3" fontWeight="650">
        {t('own.imported', { count: items.length })}
      </chakra.p>
    )
  }
  return (
    <Box marginTop="3">
      <chakra.ul listStyleType="none">
        {items.map((i) => (
          <chakra.li key={i.id} paddingY="1" borderTopWidth="1px" borderColor="line">
            <b>{i.name}</b> <Quiet as="span">{t(`own.effect.${i.effect}`)}</Quiet>
            {i.issues.map((issue) => (
              <chakra.span key={issue.path + issue.code} display="block" color="warn">
                {issue.path}: {t('own.expected', { what: issue.expected })}
              </chakra.span>
            ))}
          </chakra.li>
        ))}
      </chakra.ul>
      {isPossible && (
        <Button look="live" marginTop="3" disabled={!onTake} onClick={onTake}>
          {t('own.take')}
        </Button>
      )}
    </Box>
  )
}
