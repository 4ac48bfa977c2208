import { useEffect, useRef } from 'react';

/** Whether a key press belongs to what has focus: somebody is typing, choosing, or answering a dialog. */
export function isTyping(target: EventTarget | null): boolean {
    if (!(target instanceof Element)) {
        return false;
    }
    return target.closest('input, textarea, select, [contenteditable], [role="listbox"], [role="dialog"], [role="alertdialog"]') !== null;
}

/** Whether it is a field of a page, not of a dialog or of a list that is open. */
function isField(target: EventTarget | null): target is HTMLElement {
    return (
        target instanceof HTMLElement &&
        target.matches('input, textarea') &&
        target.closest('[role="listbox"], [role="dialog"], [role="alertdialog"]') === null
    );
}

/** Single-key commands, dead while a field has focus. */
export function useKeys(commands: Record<string, () => void>): void {
    const latest = useRef(commands);
    useEffect(() => {
        latest.current = commands;
    });
    useEffect(() => {
        const press = (event: KeyboardEvent) => {
            // Escape leaves a field, so that the next key is a command again. What has an Escape of its own keeps it.
            if (event.key === 'Escape' && !event.defaultPrevented && isField(event.target)) {
                event.target.blur();
                return;
            }
            if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented || isTyping(event.target)) {
                return;
            }
            const command = latest.current[event.key];
            if (command !== undefined) {
                event.preventDefault();
                command();
            }
        };
        window.addEventListener('keydown', press);
        return () => window.removeEventListener('keydown', press);
    }, []);
}
