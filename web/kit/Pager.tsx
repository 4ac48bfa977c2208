import { Button } from './Button';
import { ListBar } from './ListPage';

/** Leafs through a long list; nothing where one page holds it. */
export function Pager({ page, pages, onPage }: { page: number; pages: number; onPage: (page: number) => void }) {
    return pages <= 1 ? null : (
        <ListBar>
            <Button isDisabled={page <= 1} onPress={() => onPage(page - 1)}>
                Previous
            </Button>
            <span>
                {page} of {pages}
            </span>
            <Button isDisabled={page >= pages} onPress={() => onPage(page + 1)}>
                Next
            </Button>
        </ListBar>
    );
}
