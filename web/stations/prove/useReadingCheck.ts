import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { service } from '../../api/service';
import type { ReadingCheck, ReadingKind } from '../../api/contract';
import { useBench } from '../../bench/BenchContext';
import { anyAnswer } from '../../carried/answered';

/** So long after the last key nobody is in the middle of a number. */
const SETTLED_MS = 400;

/** What of a reading cannot be read, while it is typed; undefined until the service has said so of what stands there now. */
export function useReadingCheck(kind: ReadingKind, values: Record<string, unknown>, load: string): ReadingCheck | undefined {
    const { rule_book } = useBench().solved.solution;
    const typed = { rule_book, kind, values, load_percent: load === '' ? null : load };
    const now = JSON.stringify(typed);
    const [settled, setSettled] = useState('');
    useEffect(() => {
        const timer = setTimeout(() => setSettled(now), SETTLED_MS);
        return () => clearTimeout(timer);
    }, [now]);
    const query = useQuery({
        queryKey: ['reading-check', settled],
        queryFn: ({ signal }) => anyAnswer(() => service.readingCheck.ask(typed, signal), { ask: 'reading_check', ...typed }, signal),
        enabled: settled === now && (Object.keys(values).length > 0 || load !== ''),
        // Saving checks it once more: an answer that does not come is no matter here.
        retry: false,
        gcTime: 60_000,
    });
    return settled === now ? query.data : undefined;
}
