import { useBench } from '../../bench/BenchContext';
import { Value } from '../../bench/StationPage';
import { CheckTable } from './CheckTable';

/** What an earth fault at the motor does, check by check. */
export function FaultTable() {
    const { solved } = useBench();
    const curve = solved.solution.curves.faults;
    if (curve === undefined) {
        return null;
    }
    return (
        <CheckTable
            title={curve.title}
            rows={curve.rows.map((row) => ({
                label: row.label,
                verdict: row.verdict,
                found: (
                    <>
                        {row.value !== null && <Value figure={solved.figure(row.value)} />}
                        {row.limit !== null && (
                            <>
                                {row.value === null ? 'required ' : ' of '}
                                <Value figure={solved.figure(row.limit)} />
                            </>
                        )}
                        {row.why !== '' && (row.value === null && row.limit === null ? row.why : `; ${row.why}`)}
                    </>
                ),
            }))}
        />
    );
}
