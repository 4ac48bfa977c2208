import { Link } from 'react-router';
import { useBench } from '../../bench/BenchContext';
import { textAt } from '../../bench/circuit';

/** The board that feeds this circuit: what it gives counts, and not what is typed here. */
export function FedBy() {
    const settings = useBench().place?.settings ?? {};
    const tag = textAt(settings, 'board_feed.board.tag');
    const id = textAt(settings, 'board_feed.id');
    if (tag === '') {
        return null;
    }
    return (
        <p>
            Board {id === '' ? tag : <Link to={`/boards/${id}`}>{tag}</Link>} feeds this circuit. Its voltage, source, earthing and feeder
            count here.
        </p>
    );
}
