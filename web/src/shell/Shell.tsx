import { Box, chakra, Flex } from '@chakra-ui/react'
import {
  BookOpen,
  TrafficCone,
  CalendarDays,
  Dumbbell,
  LogOut,
  MoonStar,
  Smartphone,
  Sun,
  SunDim,
  Users,
} from 'lucide-react'
import { Suspense } from 'react'
import { NavLink, Outlet, useLocation } from 'react-router'
import { useText } from '../text'
import { useMe, useSignOut } from '../session'
import { Guard, Cord, Mark, MODES, useMode, NewVersion, Wait } from '../ui'

/** The table: a dark rail with the cord along its edge (below, on a phone), and the page beside it. */
export function Shell() {
  const { t } = useText()
  const { pathname } = useLocation()
  return (
    <Flex direction={{ base: 'column', lg: 'row' }} minHeight="100dvh">
      <SkipLink href="#page">{t('nav.skip')}</SkipLink>
      <Rail />
      <Box
        background="rail"
        width="14px"
        flexShrink={0}
        display={{ base: 'none', lg: 'block' }}
        _print={{ display: 'none' }}
        position="sticky"
        top="0"
        height="100dvh"
      >
        <Cord />
      </Box>
      <chakra.main
        id="page"
        data-at={pathname}
        flex="1"
        minWidth="0"
        padding={{ base: '4', md: '8', lg: '10' }}
        paddingBottom={{ base: '28', lg: '12' }}
      >
        <Box maxWidth="page" marginX="auto">
          <NewVersion />
          <Guard place={pathname}>
            <Suspense fallback={<Wait />}>
              <Outlet />
            </Suspense>
          </Guard>
        </Box>
      </chakra.main>
    </Flex>
  )
}

const SkipLink = chakra('a', {
  base: {
    position: 'absolute',
    left: '-999px',
    _focus: { left: '2', top: '2', zIndex: '10', background: 'live', color: 'onLive', padding: '3' },
  },
})

function Rail() {
  const { t } = useText()
  const me = useMe()
  return (
    <Flex
      as="header"
      _print={{ display: 'none' }}
      direction="column"
      background="rail"
      color="onRail"
      width={{ lg: 'rail' }}
      flexShrink={0}
      position={{ lg: 'sticky' }}
      top="0"
      height={{ lg: '100dvh' }}
      padding={{ base: '3', lg: '5' }}
      gap={{ base: '0', lg: '8' }}
    >
      <Flex align="center" gap="3">
        <Mark size="36px" />
        <Box>
          <chakra.div
            fontFamily="heading"
            fontWeight="750"
            fontSize="xl"
            lineHeight="1"
            letterSpacing="-0.02em"
          >
            {t('app.name')}
          </chakra.div>
          <chakra.div fontSize="sm" color="quietOnRail">
            {me.yard}
          </chakra.div>
        </Box>
        <Flex display={{ base: 'flex', lg: 'none' }} marginLeft="auto">
          <ThisDevice />
          <ModeSwitch />
          <SignOut />
        </Flex>
      </Flex>
      <chakra.nav
        aria-label={t('nav.label')}
        display="flex"
        flexDirection={{ base: 'row', lg: 'column' }}
        gap="1"
        position={{ base: 'fixed', lg: 'static' }}
        bottom="0"
        left="0"
        right="0"
        zIndex="5"
        background="rail"
        paddingX={{ base: '3', lg: '0' }}
        paddingY={{ base: '2', lg: '0' }}
      >
        {me.actions.includes('PRACTISE') && (
          <RailLink to="/" icon={<Dumbbell size={21} aria-hidden />} label={t('nav.practice')} />
        )}
        <RailLink
          to={me.actions.includes('PRACTISE') ? '/today' : '/'}
          icon={<CalendarDays size={21} aria-hidden />}
          label={t(me.actions.includes('PRACTISE') ? 'nav.lessons' : 'nav.today')}
        />
        <RailLink
          to="/pairs"
          icon={<Users size={21} aria-hidden />}
          label={t(me.actions.includes('PRACTISE') ? 'nav.horses' : 'nav.pairs')}
        />
        {me.actions.includes('SEE_PLAN') && (
          <RailLink to="/ground" icon={<TrafficCone size={21} aria-hidden />} label={t('nav.ground')} />
        )}
        {me.actions.includes('SEE_PLAN') && (
          <RailLink to="/library" icon={<BookOpen size={21} aria-hidden />} label={t('nav.library')} />
        )}
      </chakra.nav>
      <Box marginTop="auto" display={{ base: 'none', lg: 'block' }}>
        <chakra.div fontWeight="650">{me.name}</chakra.div>
        <chakra.div fontSize="sm" color="quietOnRail" marginBottom="2">
          {t(`role.${me.role}`)}
        </chakra.div>
        <ThisDevice />
        <ModeSwitch />
        <SignOut />
      </Box>
    </Flex>
  )
}

function RailLink({ to, icon, label }: { to: string; icon: React.ReactNode; label: string }) {
  return (
    <RailNavLink to={to} end={to === '/'}>
      {icon}
      {label}
    </RailNavLink>
  )
}

const RailNavLink = chakra(NavLink, {
  base: {
    display: 'flex',
    flexDirection: { base: 'column', lg: 'row' },
    alignItems: 'center',
    justifyContent: { base: 'center', lg: 'flex-start' },
    flex: { base: '1', lg: 'none' },
    gap: { base: '0.5', lg: '3' },
    minHeight: 'touch',
    paddingX: { base: '1', lg: '3' },
    fontSize: { base: 'sm', lg: 'md' },
    borderRadius: 'key',
    fontWeight: '650',
    color: 'onRail',
    _currentPage: { background: 'live', color: 'onLive' },
  },
})

const ICONS = {
  light: <SunDim size={20} aria-hidden />,
  dark: <MoonStar size={20} aria-hidden />,
  sun: <Sun size={20} aria-hidden />,
}

function ModeSwitch() {
  const { t } = useText()
  const [mode, setMode] = useMode()
  const next = MODES[(MODES.indexOf(mode) + 1) % MODES.length] ?? 'light'
  return (
    <RailButton aria-label={`${t('nav.mode')}: ${t(`mode.${mode}`)}`} onClick={() => setMode(next)}>
      {ICONS[mode]}
      <chakra.span display={{ base: 'none', lg: 'inline' }}>{t(`mode.${mode}`)}</chakra.span>
    </RailButton>
  )
}

/** What is stored here, and how it is held. */
function ThisDevice() {
  const { t } = useText()
  return (
    <RailAnchor to="/device" aria-label={t('nav.device')}>
      <Smartphone size={20} aria-hidden />
      <chakra.span display={{ base: 'none', lg: 'inline' }}>{t('nav.device')}</chakra.span>
    </RailAnchor>
  )
}

function SignOut() {
  const { t } = useText()
  const signOut = useSignOut()
  return (
    <RailButton onClick={() => void signOut()} aria-label={t('nav.signOut')}>
      <LogOut size={20} aria-hidden />
      <chakra.span display={{ base: 'none', lg: 'inline' }}>{t('nav.signOut')}</chakra.span>
    </RailButton>
  )
}

const railKey = {
  base: {
    display: 'flex',
    alignItems: 'center',
    gap: '3',
    minHeight: 'touch',
    minWidth: 'touch',
    paddingX: { base: '3', lg: '0' },
    color: 'quietOnRail',
    cursor: 'pointer',
    _hover: { color: 'onRail' },
  },
}

const RailButton = chakra('button', railKey)
const RailAnchor = chakra(NavLink, railKey)
