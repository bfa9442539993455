import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { queries } from '../api'
import { useText } from '../text'
import { Back, Trouble, Wait } from '../ui'
import { CuePart } from './CuePart'
import { HorsePart } from './HorsePart'
import { RiderPart } from './RiderPart'
import { TogetherPart } from './TogetherPart'

/** The moment: meeting the two, over the stable door; and each time something new is told. Nothing must be filled in. */
export default function IntakePage() {
  const { id = '' } = useParams()
  const { t } = useText()
  const intake = useQuery(queries.intake(id))
  if (intake.isPending) return <Wait />
  if (intake.isError) return <Trouble cause={intake.error} onAgain={() => void intake.refetch()} />
  const { horseName, riderName, horseVersion, riderVersion, togetherVersion } = intake.data
  return (
    <Flex direction="column" gap="5">
      <Box>
        <chakra.h1 fontSize={{ base: '3xl', md: '4xl' }} fontWeight="770">
          {t('intake.title', { horse: horseName, rider: riderName })}
        </chakra.h1>
        <Back to={`/pairs/${id}`}>{t('tack.back', { horse: horseName, rider: riderName })}</Back>
        <chakra.p marginTop="2" color="quiet">
          {t('intake.lead')}
        </chakra.p>
      </Box>
      <Grid templateColumns={{ base: '1fr', lg: '1fr 1fr' }} gap="5" alignItems="start">
        <Flex direction="column" gap="5" minWidth="0">
          <TogetherPart key={`together${String(togetherVersion)}`} pair={id} intake={intake.data} />
          <RiderPart key={`rider${String(riderVersion)}`} pair={id} intake={intake.data} />
        </Flex>
        <HorsePart key={horseVersion} pair={id} intake={intake.data} />
      </Grid>
      <CuePart pair={id} />
    </Flex>
  )
}
