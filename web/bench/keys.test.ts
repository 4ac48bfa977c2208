import { renderHook } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { useKeys } from './keys';

const press = (target: Element, key: string, more: KeyboardEventInit = {}) =>
    target.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, ...more }));

describe('single keys', () => {
    it('work on the page and are dead in a field', () => {
        document.body.innerHTML =
            '<input id="field"><div role="dialog"><button id="in-dialog"></button></div><button id="outside"></button>';
        const command = vi.fn();
        renderHook(() => useKeys({ w: command }));
        press(document.body, 'w');
        press(document.querySelector('#outside') ?? document.body, 'w');
        expect(command).toHaveBeenCalledTimes(2);
        for (const id of ['#field', '#in-dialog']) {
            press(document.querySelector(id) ?? document.body, 'w');
        }
        press(document.body, 'w', { ctrlKey: true });
        press(document.body, 'x');
        expect(command).toHaveBeenCalledTimes(2);
    });
});
