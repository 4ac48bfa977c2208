import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Menu as AriaMenu, MenuItem, MenuTrigger, Popover } from 'react-aria-components';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { usePerson } from '../api/session';
import { applyTheme, storedTheme, type Theme } from '../theme/theme';
import { token } from '../theme/tokens';
import { Button } from './Button';
import { useUnsaved } from '../away/unsaved';
import { useCarried } from '../carried/carried';
import { CarriedDialog, carriedWords } from '../carried/CarriedDialog';
import { useLeave } from '../bench/leave';
import { PasswordDialog } from '../session/PasswordDialog';
import { SignInsDialog } from '../session/SignInsDialog';
import { SignOutDialog } from '../session/SignOutDialog';
import { signOut } from '../session/signOut';
import { KeysDialog } from './KeysDialog';

const Pop = styled(Popover)`
    min-width: 220px;
    overflow: auto;
    border: 1px solid ${token.edge};
    border-radius: 3px;
    background: ${token.sheet};
    color: ${token.ink};
    box-shadow: 0 6px 20px rgb(10 16 18 / 30%);
`;

const Item = styled(MenuItem)`
    display: flex;
    align-items: center;
    min-height: max(42px, ${token.touch});
    padding: 4px 14px;
    cursor: pointer;
    &[data-focused] {
        outline: none;
        background: ${token.wash};
    }
`;

const NEXT: Record<Theme, { theme: Theme; label: string }> = {
    system: { theme: 'dark', label: 'Dark' },
    dark: { theme: 'light', label: 'Light' },
    light: { theme: 'system', label: 'Same as this device' },
};

interface Entry {
    id: string;
    label: string;
    action: () => void;
}

/** The menu of every view: its own entries, then the house's. */
export function Menu({ items = [] }: { items?: readonly Entry[] }) {
    const person = usePerson();
    const navigate = useNavigate();
    const client = useQueryClient();
    const [theme, setTheme] = useState(storedTheme);
    const [keys, setKeys] = useState(false);
    const [password, setPassword] = useState(false);
    const [out, setOut] = useState<'unsaved' | 'away' | null>(null);
    const [signIns, setSignIns] = useState(false);
    const [offline, setOffline] = useState(false);
    const carried = useCarried();
    const leave = useLeave();
    const unsaved = useUnsaved();
    const go = (to: string) => () => leave(() => void navigate(to));
    const all: Entry[] = [
        ...items,
        { id: 'yard', label: 'Yard', action: go('/') },
        { id: 'boards', label: 'Boards', action: go('/boards') },
        { id: 'due', label: 'Due list', action: go('/due') },
        { id: 'round', label: 'Rounds', action: go('/round') },
        { id: 'what-if', label: 'What if', action: go('/what-if') },
        { id: 'register', label: 'Import and export', action: go('/register') },
        ...(person?.role === 'administrator'
            ? [
                  { id: 'setup', label: 'Sites and users', action: go('/setup') },
                  { id: 'record', label: 'Activity log', action: go('/record') },
              ]
            : []),
        { id: 'standing', label: 'About these results', action: go('/standing') },
        { id: 'keys', label: 'Keyboard shortcuts', action: () => setKeys(true) },
        { id: 'offline', label: carriedWords(carried), action: () => setOffline(true) },
        { id: 'password', label: 'Change password', action: () => setPassword(true) },
        { id: 'sign-ins', label: 'Where you are signed in', action: () => setSignIns(true) },
        {
            id: 'theme',
            label: `Theme: ${NEXT[theme].label}`,
            action: () => {
                const { theme: next } = NEXT[theme];
                applyTheme(next);
                setTheme(next);
            },
        },
        {
            id: 'out',
            label: `Sign out ${person?.name ?? ''}`,
            action: () =>
                leave(() => {
                    if (unsaved.length > 0) {
                        setOut('unsaved');
                        return;
                    }
                    signOut(client).then(
                        () => void navigate('/sign-in'),
                        () => setOut('away'),
                    );
                }),
        },
    ];
    return (
        <>
            <MenuTrigger>
                <Button kind="steel">Menu</Button>
                <Pop placement="bottom end">
                    <AriaMenu aria-label="Menu" onAction={(id) => all.find((entry) => entry.id === id)?.action()}>
                        {all.map((entry) => (
                            <Item key={entry.id} id={entry.id}>
                                {entry.label}
                            </Item>
                        ))}
                    </AriaMenu>
                </Pop>
            </MenuTrigger>
            <SignOutDialog problem={out} onClose={() => setOut(null)} />
            <CarriedDialog open={offline} onClose={() => setOffline(false)} />
            <SignInsDialog open={signIns} onClose={() => setSignIns(false)} />
            <PasswordDialog open={password} onClose={() => setPassword(false)} />
            <KeysDialog open={keys} onOpen={() => setKeys(true)} onClose={() => setKeys(false)} />
        </>
    );
}
