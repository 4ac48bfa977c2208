import { useQueryClient } from '@tanstack/react-query';
import { type SyntheticEvent, useState } from 'react';
import { call, errorOf, ProblemError } from '../api/client';
import type { Person } from '../api/contract';
import { Button } from '../kit/Button';
import { Select } from '../kit/Select';
import { TextField } from '../kit/TextField';
import { Sheet } from './Sheet';

/** One person, or a new one: name, role, whether they may sign in. */
export function PersonForm({ person }: { person?: Person }) {
    const [name, setName] = useState(person?.name ?? '');
    const [login, setLogin] = useState(person?.login ?? '');
    const [role, setRole] = useState<string>(person?.role ?? 'electrician');
    const [active, setActive] = useState(person?.active ?? true);
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
                await call<Person>('POST', 'people', { name, login, role, password });
            } else {
                await call<Person>('PUT', `people/${person.id}`, {
                    name,
                    role,
                    active,
                    password: password === '' ? null : password,
                    version: person.version,
                });
            }
            setSaved(true);
            setPassword('');
            await client.invalidateQueries({ queryKey: ['people'] });
        } catch (error) {
            setProblem(errorOf(error));
        }
    };
    return (
        <Sheet onSubmit={(event) => void submit(event)} aria-label={person?.name ?? 'New person'}>
            <h3>{person?.name ?? 'New person'}</h3>
            <TextField label="Name" value={name} onChange={setName} error={at('name')} />
            <TextField label="Signs in as" value={login} onChange={setLogin} isReadOnly={person !== undefined} error={at('login')} />
            <Select
                label="Role"
                value={role}
                onChange={setRole}
                error={at('role')}
                options={[
                    { value: 'viewer', label: 'Viewer, reads' },
                    { value: 'electrician', label: 'Electrician, edits' },
                    { value: 'reviewer', label: 'Reviewer, edits and signs' },
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
                    onChange={(value) => setActive(value === 'yes')}
                    options={[
                        { value: 'yes', label: 'Allowed' },
                        { value: 'no', label: 'Not allowed' },
                    ]}
                />
            )}
            <footer>
                <span role="status">{problem !== null ? problem.message : saved ? 'Saved.' : ''}</span>
                <Button kind={person === undefined ? 'plain' : 'main'} type="submit">
                    {person === undefined ? 'Add person' : 'Save person'}
                </Button>
            </footer>
        </Sheet>
    );
}
