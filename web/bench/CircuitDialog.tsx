import { useState } from 'react';
import { useNavigate } from 'react-router';
import { messageOf } from '../api/client';
import { service } from '../api/service';
import { type CircuitResource, FIELDS } from '../api/contract';
import { Button } from '../kit/Button';
import { Actions, Dialog } from '../kit/Dialog';
import { Select } from '../kit/Select';
import { TextField } from '../kit/TextField';
import { useBench } from './BenchContext';
import { Choice, Field } from './fields';
import { typed } from './circuit';

/** What a circuit is called and where it belongs; taking a copy, and taking it out of the yard. */
export function CircuitDialog({
    resource,
    open,
    onClose,
    error,
}: {
    resource: CircuitResource;
    open: boolean;
    onClose: () => void;
    error: string | undefined;
}) {
    const { draft, set, readOnly, place } = useBench();
    const navigate = useNavigate();
    const [asking, setAsking] = useState(false);
    const areas = [...new Set(['', ...resource.site.areas, typed(draft, 'area')])];
    const copy = async () => {
        const made = await service.circuit.store({
            site_id: resource.site.id,
            circuit: { ...draft, tag: `${typed(draft, 'tag')} copy ${String(Date.now()).slice(-4)}` },
        });
        void navigate(`/circuits/${made.id}/plate`);
    };
    const archive = async () => {
        // As the person has seen it: what is typed goes along, and what somebody else saved since is not archived unseen.
        const version = place === null ? null : await place.flush();
        if (version === null) {
            throw new Error('Save your changes first.');
        }
        await service.circuit.destroy(resource.id, { version });
        void navigate('/', { state: { archived: { id: resource.id, tag: typed(draft, 'tag') } } });
    };
    const [problem, setProblem] = useState<string | null>(null);
    const act = (work: () => Promise<void>) => {
        setProblem(null);
        work().catch((reason: unknown) => setProblem(messageOf(reason)));
    };
    return (
        <Dialog title="This circuit" open={open} onClose={onClose}>
            <TextField
                label="Tag, unique in its site"
                value={typed(draft, 'tag')}
                error={error}
                isReadOnly={readOnly}
                onChange={(text) => set('tag', text)}
            />
            <Field path="drives" />
            <Select
                label={FIELDS.area.label}
                value={typed(draft, 'area')}
                options={areas.map((area) => ({ value: area, label: area === '' ? 'None' : area }))}
                isDisabled={readOnly}
                onChange={(area) => set('area', area === '' ? null : area)}
            />
            <Choice path="rule_book" />
            {problem !== null && <p role="alert">{problem}</p>}
            {asking ? (
                <>
                    <p role="alert">
                        Archive {typed(draft, 'tag')}? It is hidden from the yard, with its revisions and readings. Nothing is deleted: you
                        can restore it from “Archived circuits”.
                    </p>
                    <Actions>
                        <Button onPress={() => setAsking(false)}>Cancel</Button>
                        <Button kind="main" onPress={() => act(archive)}>
                            Archive
                        </Button>
                    </Actions>
                </>
            ) : (
                <Actions>
                    {!readOnly && (
                        <>
                            <Button onPress={() => setAsking(true)}>Archive…</Button>
                            <Button onPress={() => act(copy)}>Make a copy</Button>
                        </>
                    )}
                    <Button kind="main" onPress={onClose}>
                        Close
                    </Button>
                </Actions>
            )}
        </Dialog>
    );
}
