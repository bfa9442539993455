import { lazy, Suspense } from 'react'
import { Navigate, Route, Routes } from 'react-router'
import { Live } from './live'
// not by its index: what its screens need comes with them
import { SafetyProvider } from './safety/SafetyProvider'
import { MeProvider, useSession } from './session'
import { Shell } from './ui/Shell'
import { Trouble } from './ui/Trouble'
import { Wait } from './ui/Wait'

const SignInPage = lazy(() => import('./session/SignInPage'))
const SetUpPage = lazy(() => import('./session/SetUpPage'))
const TodayPage = lazy(() => import('./today/TodayPage'))
const PairsPage = lazy(() => import('./pair/PairsPage'))
const PairPage = lazy(() => import('./pair/PairPage'))
const LookPage = lazy(() => import('./look/LookPage'))
const PlanPage = lazy(() => import('./plan/PlanPage'))
const HomeworkPage = lazy(() => import('./homework/HomeworkPage'))
const PracticePage = lazy(() => import('./practice/PracticePage'))
const JoinPage = lazy(() => import('./invite/JoinPage'))
const RidePage = lazy(() => import('./ride/RidePage'))
const DevicePage = lazy(() => import('./device/DevicePage'))
const RecordPage = lazy(() => import('./files/RecordPage'))
const DebriefPage = lazy(() => import('./debrief/DebriefPage'))

/** Every screen, and the door before them. */
export function App() {
  const session = useSession()
  if (session.isPending) return <Wait />
  if (session.isError) return <Trouble cause={session.error} onAgain={() => void session.refetch()} />
  const { me, setUpNeeded } = session.data
  if (window.location.pathname === '/join') {
    return (
      <Suspense fallback={<Wait />}>
        <JoinPage />
      </Suspense>
    )
  }
  if (!me) return <Suspense fallback={<Wait />}>{setUpNeeded ? <SetUpPage /> : <SignInPage />}</Suspense>
  return (
    <MeProvider value={me}>
      <SafetyProvider>
        {me.actions.includes('RECORD') && <Live />}
        <Suspense fallback={<Wait />}>
          <Routes>
            <Route path="/lessons/:id/ride" element={<RidePage />} />
            <Route element={<Shell />}>
              <Route path="/" element={me.actions.includes('PRACTISE') ? <PracticePage /> : <TodayPage />} />
              <Route path="/today" element={<TodayPage />} />
              <Route path="/device" element={<DevicePage />} />
              <Route path="/pairs" element={<PairsPage />} />
              <Route path="/pairs/:id" element={<PairPage />} />
              <Route path="/lessons/:id/look" element={<LookPage />} />
              <Route path="/lessons/:id/plan" element={<PlanPage />} />
              <Route path="/lessons/:id/homework" element={<HomeworkPage />} />
              <Route path="/lessons/:id/record" element={<RecordPage />} />
              <Route path="/lessons/:id/debrief" element={<DebriefPage />} />
            </Route>
            <Route path="*" element={<Navigate to="/" replace />} />
          </Routes>
        </Suspense>
      </SafetyProvider>
    </MeProvider>
  )
}
