import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Menu as AriaMenu, MenuItem, MenuTrigger, Popover } from 'react-aria-components';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { call } from '../api/client';
import { usePerson } from '../api/session';
import { applyTheme, storedTheme, type Theme } from '../theme/theme';
import { token } from '../theme/tokens';
import { Button } from './Button';
import { PasswordDialog } from '../session/PasswordDialog';
import { KeysDialog } from './KeysDialog';

const Pop = styled(Popover)`
    min-width: 220px;
    border: 1px solid ${token.edge};
    border-radius: 3px;
    background: ${token.sheet};
    color: ${token.ink};
    box-shadow: 0 6px 20px rgb(10 16 18 / 30%);
`;

const Item = styled(MenuItem)`
    display: flex;
    align-items: center;
    min-height: 42px;
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
    light: { theme: 'system', label: 'As this machine is set' },
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
    const all: Entry[] = [
        ...items,
        { id: 'yard', label: 'Yard', action: () => void navigate('/') },
        { id: 'due', label: 'Due', action: () => void navigate('/due') },
        { id: 'round', label: 'Round', action: () => void navigate('/round') },
        { id: 'register', label: 'Register', action: () => void navigate('/register') },
        ...(person?.role === 'administrator'
            ? [
                  { id: 'setup', label: 'Sites and people', action: () => void navigate('/setup') },
                  { id: 'record', label: 'Record of the house', action: () => void navigate('/record') },
              ]
            : []),
        { id: 'standing', label: 'Standing of the results', action: () => void navigate('/standing') },
        { id: 'keys', label: 'Keys', action: () => setKeys(true) },
        { id: 'password', label: 'Change password', action: () => setPassword(true) },
        {
            id: 'theme',
            label: `Look: ${NEXT[theme].label}`,
            action: () => {
                const { theme: next } = NEXT[theme];
                applyTheme(next);
                setTheme(next);
            },
        },
        {
            id: 'out',
            label: `Sign out ${person?.name ?? ''}`,
            action: () => {
                void call('DELETE', 'session').then(() => {
                    client.clear();
                    void navigate('/sign-in');
                });
            },
        },
    ];
    return (
        <>
            <MenuTrigger>
                <Button kind="steel" aria-label="Menu">
                    ☰
                </Button>
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
            <PasswordDialog open={password} onClose={() => setPassword(false)} />
            <KeysDialog open={keys} onOpen={() => setKeys(true)} onClose={() => setKeys(false)} />
        </>
    );
}
