import { useQuery, useQueryClient } from '@tanstack/react-query';
import { type ReactNode, useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { service } from '../../api/service';
import type { PhotographAnswer } from '../../api/contract';
import { NotLoaded } from '../../kit/NotLoaded';
import { useBench } from '../../bench/BenchContext';
import { Button } from '../../kit/Button';
import { token } from '../../theme/tokens';

const LARGEST_BYTES = 12_000_000;

const Sheet = styled.figure`
    position: sticky;
    top: 0;
    z-index: 2;
    max-height: 34dvh;
    margin-bottom: 8px;
    overflow: auto;
    border: 1px solid ${token.edge};
    border-radius: 4px;
    background: ${token.panel};
    &[data-large] {
        max-height: 72dvh;
    }
    img {
        display: block;
        width: 100%;
    }
    &:not([data-large]) img {
        max-width: 640px;
        margin: 0 auto;
    }
`;

const Wrong = styled.p`
    flex-basis: 100%;
    color: ${token.stop};
`;

/** The photograph of the plate: what is done with it, and the sheet that stays in sight while the stamps are typed. */
export function usePhotograph(): { buttons: ReactNode; sheet: ReactNode } {
    const { place, readOnly } = useBench();
    const client = useQueryClient();
    const [shown, setShown] = useState(true);
    const [large, setLarge] = useState(false);
    const [busy, setBusy] = useState(false);
    const [error, setError] = useState<string>();
    const circuit = place?.circuit;
    const key = ['photograph', circuit];
    const query = useQuery({
        queryKey: key,
        queryFn: () => service.photograph.index(circuit ?? 0),
        enabled: circuit !== undefined,
    });
    if (circuit === undefined) {
        return { buttons: null, sheet: null };
    }
    const photograph = query.data?.photograph ?? null;
    const work = async (step: () => Promise<PhotographAnswer>) => {
        setBusy(true);
        setError(undefined);
        try {
            client.setQueryData(key, await step());
        } catch (problem) {
            if (!(problem instanceof Error)) {
                throw problem;
            }
            setError(problem.message);
        } finally {
            setBusy(false);
        }
    };
    const attach = (file: File) => {
        if (file.size > LARGEST_BYTES) {
            setError('The picture is larger than 12 MB. Take a smaller one, or crop it.');
            return;
        }
        void work(() => service.photograph.store(circuit, file));
    };
    const buttons = (
        <>
            {/* One that could not be looked at is not replaced unseen. */}
            {!readOnly && query.data !== undefined && (
                <FileTrigger
                    acceptedFileTypes={['image/jpeg', 'image/png', 'image/webp']}
                    onSelect={(files) => {
                        const [file] = [...(files ?? [])];
                        if (file !== undefined) {
                            attach(file);
                        }
                    }}
                >
                    <Button isDisabled={busy}>{busy ? 'Sending…' : photograph === null ? 'Add photograph' : 'Another photograph'}</Button>
                </FileTrigger>
            )}
            {photograph !== null && (
                <Button onPress={() => setShown(!shown)}>{shown ? 'Hide the photograph' : 'Show the photograph'}</Button>
            )}
            {photograph !== null && shown && (
                <>
                    <Button onPress={() => setLarge(!large)}>{large ? 'Smaller' : 'Larger'}</Button>
                    {!readOnly && (
                        <Button
                            isDisabled={busy}
                            onPress={() =>
                                void work(async () => {
                                    await service.photograph.destroy(circuit);
                                    return { photograph: null };
                                })
                            }
                        >
                            Remove
                        </Button>
                    )}
                </>
            )}
            <NotLoaded what="the photograph" of={query} />
            {error !== undefined && <Wrong role="alert">{error}</Wrong>}
        </>
    );
    return {
        buttons,
        sheet:
            photograph !== null && shown ? (
                <Sheet {...(large ? { 'data-large': true } : {})} tabIndex={0}>
                    <img
                        src={photograph.url}
                        width={photograph.width}
                        height={photograph.height}
                        alt="The nameplate of this motor"
                        style={{ height: 'auto' }}
                    />
                </Sheet>
            ) : null,
    };
}
