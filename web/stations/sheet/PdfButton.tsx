import { useEffect, useState } from 'react';
import { call } from '../../api/client';
import type { PaperJob } from '../../api/contract';
import { Button } from '../../kit/Button';

const EVERY_MS = 500;

/** The file sheet as PDF: asked of the workers, looked after while they make it, called off, or opened. */
export function PdfButton({ revision }: { revision: number }) {
    const [job, setJob] = useState<PaperJob | null>(null);
    const [problem, setProblem] = useState('');
    const under = job?.state === 'waiting' || job?.state === 'under_way';
    useEffect(() => {
        if (!under) {
            return;
        }
        const timer = setInterval(() => {
            call<PaperJob>('GET', `papers/${job.id}`)
                .then(setJob)
                .catch((error: unknown) => setProblem(error instanceof Error ? error.message : 'The service does not answer.'));
        }, EVERY_MS);
        return () => clearInterval(timer);
    }, [under, job?.id]);
    const act = async (method: 'POST' | 'DELETE', path: string) => {
        setProblem('');
        try {
            setJob(await call<PaperJob>(method, path));
        } catch (error) {
            setProblem(error instanceof Error ? error.message : 'The service does not answer.');
        }
    };
    return (
        <span>
            {job?.state === 'done' ? (
                <a href={`/api/papers/${job.id}/file.pdf`} target="_blank" rel="noreferrer">
                    Open the file sheet (PDF)
                </a>
            ) : under ? (
                <>
                    <span role="status">The file sheet is being made. </span>
                    <Button kind="quiet" onPress={() => void act('DELETE', `papers/${job.id}`)}>
                        Call it off
                    </Button>
                </>
            ) : (
                <Button onPress={() => void act('POST', `revisions/${revision}/file`)}>Make the file sheet (PDF)</Button>
            )}
            {job?.state === 'failed' && <span role="alert"> It could not be made; ask again.</span>}
            {job?.state === 'cancelled' && <span role="status"> Called off.</span>}
            {problem !== '' && <span role="alert"> {problem}</span>}
        </span>
    );
}
