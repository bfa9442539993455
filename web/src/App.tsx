import { Fragment, lazy, Suspense } from 'react'
import type { ComponentType } from 'react'
import { Navigate, Route, Routes, useParams } from 'react-router'
import { Live } from './live'
// not by its index: what its screens need comes with them
import { SafetyProvider } from './safety/SafetyProvider'
import { MeProvider, useSession } from './session'
import { screenTexts } from './text'
import { Guard, Trouble, Wait } from './ui'
import { Shell } from './shell'

/** A screen and what it says, fetched together. */
function screen(load: () => Promise<{ default: ComponentType }>) {
  return lazy(() => Promise.all([load(), screenTexts()]).then(([page]) => page))
}

const SignInPage = screen(() => import('./session/SignInPage'))
const SetUpPage = screen(() => import('./session/SetUpPage'))
const TodayPage = screen(() => import('./today/TodayPage'))
const NewcomersPage = screen(() => import('./today/NewcomersPage'))
const PairsPage = screen(() => import('./pair/PairsPage'))
const PairPage = screen(() => import('./pair/PairPage'))
const StridePage = screen(() => import('./stride/StridePage'))
const GroundPage = screen(() => import('./ground/GroundPage'))
const TackPage = screen(() => import('./tack/TackPage'))
const PhotosPage = screen(() => import('./photo/PhotosPage'))
const IntakePage = screen(() => import('./intake/IntakePage'))
const CountPage = screen(() => import('./intake/CountPage'))
const LibraryPage = screen(() => import('./library/LibraryPage'))
const OwnPage = screen(() => import('./library/OwnPage'))
const ProgrammePage = screen(() => import('./library/ProgrammePage'))
const ExercisePage = screen(() => import('./library/ExercisePage'))
const LookPage = screen(() => import('./look/LookPage'))
const PlanPage = screen(() => import('./plan/PlanPage'))
const HomeworkPage = screen(() => import('./homework/HomeworkPage'))
const PracticePage = screen(() => import('./practice/PracticePage'))
const JoinPage = screen(() => import('./invite/JoinPage'))
const RidePage = screen(() => import('./ride/RidePage'))
const DevicePage = screen(() => import('./device/DevicePage'))
const RecordPage = screen(() => import('./files/RecordPage'))
const ContactPage = screen(() => import('./contact/ContactPage'))
const ClipPage = screen(() => import('./clip/ClipPage'))
const DebriefPage = screen(() => import('./debrief/DebriefPage'))
const MirrorPage = screen(() => import('./debrief/MirrorPage'))
const RiderPage = screen(() => import('./debrief/RiderPage'))
const HistoryPage = screen(() => import('./debrief/HistoryPage'))

/** A screen of one lesson, made anew for another one: what was open or half done in this stays with it. */
function ofLesson(Page: ComponentType) {
  return function OfLesson() {
    const { id } = useParams()
    return (
      <Fragment key={id}>
        <Page />
      </Fragment>
    )
  }
}

const Look = ofLesson(LookPage)
const Plan = ofLesson(PlanPage)
const Ride = ofLesson(RidePage)
const Debrief = ofLesson(DebriefPage)
const Contact = ofLesson(ContactPage)
const Clips = ofLesson(ClipPage)
const HomeworkOf = ofLesson(HomeworkPage)

/** Every screen, and the door before them. */
export function App() {
  return (
    <Guard>
      <Screens />
    </Guard>
  )
}

function Screens() {
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
            <Route
              path="/lessons/:id/ride"
              element={
                <Guard>
                  <Ride />
                </Guard>
              }
            />
            <Route element={<Shell />}>
              <Route path="/" element={me.actions.includes('PRACTISE') ? <PracticePage /> : <TodayPage />} />
              <Route path="/today" element={<TodayPage />} />
              <Route path="/device" element={<DevicePage />} />
              <Route path="/newcomers" element={<NewcomersPage />} />
              <Route path="/pairs" element={<PairsPage />} />
              <Route path="/pairs/:id" element={<PairPage />} />
              <Route path="/mirror" element={<MirrorPage />} />
              <Route path="/pairs/:id/history" element={<HistoryPage />} />
              <Route path="/pairs/:id/tack" element={<TackPage />} />
              <Route path="/pairs/:id/strides" element={<StridePage />} />
              <Route path="/pairs/:id/photos" element={<PhotosPage />} />
              <Route path="/pairs/:id/about" element={<IntakePage />} />
              <Route path="/pairs/:id/count" element={<CountPage />} />
              <Route path="/ground" element={<GroundPage />} />
              <Route path="/library" element={<LibraryPage />} />
              <Route path="/library/new" element={<OwnPage key="new" />} />
              <Route path="/library/programmes/new" element={<ProgrammePage key="new" />} />
              <Route path="/library/programmes/:id" element={<ProgrammePage />} />
              <Route path="/library/:id/change" element={<OwnPage />} />
              <Route path="/library/:id" element={<ExercisePage />} />
              <Route path="/lessons/:id/look" element={<Look />} />
              <Route path="/lessons/:id/plan" element={<Plan />} />
              <Route path="/lessons/:id/homework" element={<HomeworkOf />} />
              <Route path="/lessons/:id/for-rider" element={<RiderPage />} />
              <Route path="/lessons/:id/record" element={<RecordPage />} />
              <Route path="/lessons/:id/debrief" element={<Debrief />} />
              <Route path="/lessons/:id/contact" element={<Contact />} />
              <Route path="/lessons/:id/clip" element={<Clips />} />
            </Route>
            <Route path="*" element={<Navigate to="/" replace />} />
          </Routes>
        </Suspense>
      </SafetyProvider>
    </MeProvider>
  )
}
