import { useQuery } from '@tanstack/react-query';
import { lazy, type ReactNode, Suspense } from 'react';
import { BrowserRouter, Navigate, Route, Routes, useLocation } from 'react-router';
import { mayEdit, sessionQuery } from './api/session';
import { useCarrying } from './carried/useCarrying';
import { useSending } from './away/unsaved';
import { ErrorBoundary } from './kit/ErrorBoundary';
import { Waiting } from './kit/Waiting';
import { SignInAgain } from './bench/SignInAgain';

const SignIn = lazy(() => import('./session/SignIn'));
const Yard = lazy(() => import('./yard/Yard'));
const BenchPage = lazy(() => import('./bench/BenchPage'));
const RevisionPage = lazy(() => import('./bench/RevisionPage'));
const PaperPage = lazy(() => import('./paper/PaperPage'));
const Setup = lazy(() => import('./setup/Setup'));
const BankPage = lazy(() => import('./bank/BankPage'));
const BoardsPage = lazy(() => import('./board/BoardsPage'));
const BoardPage = lazy(() => import('./board/BoardPage'));
const TablesPage = lazy(() => import('./setup/TablesPage'));
const DuePage = lazy(() => import('./due/DuePage'));
const RecordPage = lazy(() => import('./record/RecordPage'));
const RoundPage = lazy(() => import('./round/RoundPage'));
const TrialPage = lazy(() => import('./trial/TrialPage'));
const RegisterPage = lazy(() => import('./register/RegisterPage'));
const Standing = lazy(() => import('./standing/Standing'));

/** The views of the application and who may see them. */
export function App() {
    return (
        <BrowserRouter>
            <Suspense fallback={<Waiting title="Loading…" />}>
                <Routes>
                    <Route path="/sign-in" element={<SignIn />} />
                    <Route path="/" element={<SignedIn view={<Yard />} />} />
                    <Route path="/circuits/:id/:station?" element={<SignedIn view={<BenchPage />} />} />
                    <Route path="/circuits/:id/paper/:name" element={<SignedIn view={<PaperPage of="circuit" />} />} />
                    <Route path="/revisions/:id/paper/:name" element={<SignedIn view={<PaperPage of="revision" />} />} />
                    <Route path="/boards/:board/paper/:name" element={<SignedIn view={<PaperPage of="board" />} />} />
                    <Route path="/boards/:board/revisions/:id/paper/:name" element={<SignedIn view={<PaperPage of="revision" />} />} />
                    <Route path="/revisions/:id" element={<SignedIn view={<RevisionPage />} />} />
                    <Route path="/setup" element={<SignedIn view={<Setup />} />} />
                    <Route path="/sites/:id/tables" element={<SignedIn view={<TablesPage />} />} />
                    <Route path="/sites/:id/bank" element={<SignedIn view={<BankPage />} />} />
                    <Route path="/boards" element={<SignedIn view={<BoardsPage />} />} />
                    <Route path="/boards/:id" element={<SignedIn view={<BoardPage />} />} />
                    <Route path="/what-if" element={<SignedIn view={<TrialPage />} />} />
                    <Route path="/register" element={<SignedIn view={<RegisterPage />} />} />
                    <Route path="/round" element={<SignedIn view={<RoundPage />} />} />
                    <Route path="/record" element={<SignedIn view={<RecordPage />} />} />
                    <Route path="/due" element={<SignedIn view={<DuePage />} />} />
                    <Route path="/standing" element={<SignedIn view={<Standing />} />} />
                    <Route path="*" element={<Waiting title="Page not found" text="There is no page at this address." />} />
                </Routes>
            </Suspense>
        </BrowserRouter>
    );
}

/** Sends strangers to the sign-in, and everyone once to the page on the standing of the results. */
function SignedIn({ view }: { view: ReactNode }) {
    const session = useQuery(sessionQuery);
    const location = useLocation();
    useSending(mayEdit(session.data?.person) ? session.data?.person?.login : undefined);
    useCarrying(session.data?.person != null);
    if (session.isError) {
        return (
            <Waiting
                title="Offline"
                text="Cannot reach the server, and nothing is stored on this device yet. The page loads by itself when the server answers."
            />
        );
    }
    if (session.data === undefined) {
        return <Waiting title="Loading…" />;
    }
    if (session.data.person === null) {
        return <Navigate to="/sign-in" replace state={{ to: location.pathname }} />;
    }
    if (!session.data.person.standing_read && location.pathname !== '/standing') {
        return <Navigate to="/standing" replace state={{ to: location.pathname }} />;
    }
    return (
        <>
            <ErrorBoundary at={location.pathname}>{view}</ErrorBoundary>
            {/* The bench has its own, which saves the draft. */}
            {!location.pathname.startsWith('/circuits/') && <SignInAgain login={session.data.person.login} />}
        </>
    );
}
