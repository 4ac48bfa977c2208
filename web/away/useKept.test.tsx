import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { describe, expect, it, vi } from 'vitest';
import { useKept } from './useKept';

function whose(login: string) {
    const client = new QueryClient();
    client.setQueryData(['session'], { person: { login } });
    return function Page({ children }: { children: ReactNode }) {
        return <QueryClientProvider client={client}>{children}</QueryClientProvider>;
    };
}

const field = (login: string, name = 'log:7:note') => renderHook(() => useKept(name, ''), { wrapper: whose(login) });

describe('what is typed into a form', () => {
    it('is there again after a reload, for whoever typed it alone', () => {
        const first = field('electrician-a');
        act(() => first.result.current[1]('Fan belt renewed'));
        first.unmount();
        expect(field('electrician-a').result.current[0]).toBe('Fan belt renewed');
        expect(field('electrician-b').result.current[0]).toBe('');
        expect(field('electrician-a', 'log:8:note').result.current[0]).toBe('');
    });

    it('is gone once it was sent', () => {
        const first = field('electrician-a');
        act(() => first.result.current[1]('Fan belt renewed'));
        act(() => first.result.current[1](''));
        first.unmount();
        expect(localStorage.length).toBe(0);
    });

    it('is asked about on leaving where the device keeps nothing', () => {
        const full = vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
            throw new DOMException('full', 'QuotaExceededError');
        });
        const one = field('electrician-a');
        const leaving = () => {
            const event = new Event('beforeunload', { cancelable: true });
            window.dispatchEvent(event);
            return event.defaultPrevented;
        };
        expect(leaving()).toBe(false);
        act(() => one.result.current[1]('Fan belt renewed'));
        expect(one.result.current[0]).toBe('Fan belt renewed');
        expect(leaving()).toBe(true);
        act(() => one.result.current[1](''));
        expect(leaving()).toBe(false);
        full.mockRestore();
    });
});
