import { Component, type ReactNode } from 'react';
import { Waiting } from './Waiting';

/** One broken view never blanks the page: it says so, and the way back works. */
export class ErrorBoundary extends Component<{ children: ReactNode; at: string }, { broken: string | null }> {
    override state: { broken: string | null } = { broken: null };

    static getDerivedStateFromError(): { broken: string } {
        return { broken: 'here' };
    }

    override componentDidUpdate(before: Readonly<{ at: string }>): void {
        // Another address is another view.
        if (before.at !== this.props.at && this.state.broken !== null) {
            this.setState({ broken: null });
        }
    }

    override render(): ReactNode {
        return this.state.broken === null ? (
            this.props.children
        ) : (
            <Waiting
                title="This view has failed"
                text="This is our fault. Your entries are kept, and the other views still work. Reload the page to try again."
            />
        );
    }
}
