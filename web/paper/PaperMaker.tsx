import { useEffect, useState } from 'react';
import { messageOf } from '../api/client';
import { service } from '../api/service';
import type { PaperJob } from '../api/contract';
import { Button } from '../kit/Button';

const EVERY_MS = 500;

/** A paper that the workers make: asked for, looked after while they make it, called off, or opened. */
export function PaperMaker({ ask, what, of }: { ask: () => Promise<PaperJob>; what: string; of: string }) {
    const [job, setJob] = useState<PaperJob | null>(null);
    const [problem, setProblem] = useState('');
    const under = job?.state === 'waiting' || job?.state === 'under_way';
    useEffect(() => {
        if (!under) {
            return;
        }
        const timer = setInterval(() => {
            service.sheet
                .asked(job.id)
                .then(setJob)
                .catch((error: unknown) => setProblem(messageOf(error)));
        }, EVERY_MS);
        return () => clearInterval(timer);
    }, [under, job?.id]);
    const act = async (work: () => Promise<PaperJob>) => {
        setProblem('');
        try {
            setJob(await work());
        } catch (error) {
            setProblem(messageOf(error));
        }
    };
    return (
        <span>
            {job?.state === 'done' ? (
                <a href={service.sheet.download(job.id)} target="_blank" rel="noreferrer" aria-label={`Open the ${what} of ${of}`}>
                    Open the {what}
                </a>
            ) : under ? (
                <>
                    <span role="status">Creating the {what}. </span>
                    <Button kind="quiet" onPress={() => void act(() => service.sheet.cancel(job.id))}>
                        Cancel
                    </Button>
                </>
            ) : (
                <Button aria-label={`Create the ${what} of ${of}`} onPress={() => void act(ask)}>
                    Create the {what}
                </Button>
            )}
            {job?.state === 'failed' && <span role="alert"> It could not be created. Try again.</span>}
            {job?.state === 'cancelled' && <span role="status"> Cancelled.</span>}
            {problem !== '' && <span role="alert"> {problem}</span>}
        </span>
    );
}
