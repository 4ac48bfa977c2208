import { useQueryClient } from '@tanstack/react-query';
import { type SyntheticEvent, useState } from 'react';
import { errorOf, ProblemError } from '../api/client';
import { service } from '../api/service';
import type { Person } from '../api/contract';
import { Button } from '../kit/Button';
import { Select } from '../kit/Select';
import { TextField } from '../kit/TextField';
import { Sheet } from './Sheet';
import { useKept } from '../away/useKept';

/** One person, or a new one: name, role, whether they may sign in. */
export function PersonForm({ person }: { person?: Person }) {
    const stands = {
        name: person?.name ?? '',
        login: person?.login ?? '',
        role: person?.role ?? 'electrician',
        active: person?.active ?? true,
    };
    const [kept, setKept] = useKept<(typeof stands & { version: number }) | null>(`person:${person?.id ?? 'new'}`, null);
    const { name, login, role, active } = kept ?? stands;
    /** What is typed is typed over the version that was seen then. */
    const type = (more: Partial<typeof stands>) => setKept({ ...(kept ?? { ...stands, version: person?.version ?? 0 }), ...more });
    const [password, setPassword] = useState('');
    const [problem, setProblem] = useState<Error | null>(null);
    const [saved, setSaved] = useState(false);
    const client = useQueryClient();
    const at = (path: string) => (problem instanceof ProblemError ? problem.at(path) : undefined);
    const submit = async (event: SyntheticEvent) => {
        event.preventDefault();
        setProblem(null);
        setSaved(false);
        try {
            if (person === undefined) {
                await service.person.store({ name, login, role, password });
            } else {
                await service.person.update(person.id, {
                    name,
                    role,
                    active,
                    password: password === '' ? null : password,
                    version: kept?.version ?? person.version,
                });
            }
            setSaved(true);
            setPassword('');
            await client.invalidateQueries({ queryKey: ['people'] });
            setKept(null);
        } catch (error) {
            setProblem(errorOf(error));
            if (error instanceof ProblemError && error.status === 409 && kept !== null) {
                // Told, and shown anew beside what was typed: sent again it is meant.
                await client.invalidateQueries({ queryKey: ['people'] });
                const there = client.getQueryData<{ people: Person[] }>(['people'])?.people.find(({ id }) => id === person?.id);
                setKept({ ...kept, version: there?.version ?? kept.version });
            }
        }
    };
    return (
        <Sheet onSubmit={(event) => void submit(event)} aria-label={person?.name ?? 'New user'}>
            <h3>{person?.name ?? 'New user'}</h3>
            <TextField label="Name" value={name} onChange={(typed) => type({ name: typed })} error={at('name')} />
            <TextField
                label="Sign-in name"
                value={login}
                onChange={(typed) => type({ login: typed })}
                isReadOnly={person !== undefined}
                error={at('login')}
            />
            <Select
                label="Role"
                value={role}
                onChange={(typed) => type({ role: typed as Person['role'] })}
                error={at('role')}
                options={[
                    { value: 'viewer', label: 'Viewer (read only)' },
                    { value: 'electrician', label: 'Electrician (edit)' },
                    { value: 'reviewer', label: 'Reviewer (edit and sign)' },
                    { value: 'administrator', label: 'Administrator' },
                ]}
            />
            <TextField
                label={person === undefined ? 'Password' : 'New password'}
                type="password"
                autoComplete="new-password"
                value={password}
                onChange={setPassword}
                error={at('password')}
            />
            {person !== undefined && (
                <Select
                    label="Sign-in"
                    value={active ? 'yes' : 'no'}
                    onChange={(value) => type({ active: value === 'yes' })}
                    options={[
                        { value: 'yes', label: 'Allowed' },
                        { value: 'no', label: 'Not allowed' },
                    ]}
                />
            )}
            <footer>
                <span role="status">{problem !== null ? problem.message : saved ? 'Saved.' : ''}</span>
                <Button kind={person === undefined ? 'plain' : 'main'} type="submit">
                    {person === undefined ? 'Add user' : 'Save user'}
                </Button>
            </footer>
        </Sheet>
    );
}
