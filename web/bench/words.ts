import type { Option } from '../kit/Select';
import type { Solved } from './useSolution';

/** Names of the format's choices as a person reads them. */
export const DEVICES: Record<string, string> = {
    fuse_gg: 'gG fuse',
    fuse_am: 'aM fuse',
    breaker_b: 'Breaker type B',
    breaker_c: 'Breaker type C',
    breaker_d: 'Breaker type D',
    motor_breaker: 'Motor breaker',
    breaker_inverse_time: 'Inverse-time breaker',
    fuse_dual_element: 'Dual-element fuse',
    fuse_non_time_delay: 'Non-time-delay fuse',
    breaker_instantaneous: 'Instantaneous breaker',
};

export const PLACES: Record<string, string> = {
    none: 'None',
    board: 'At the board',
    before_controller: 'Before the controller',
    after_controller: 'After the controller',
    at_motor: 'At the motor',
};

export function methodName(method: string, solved: Solved): string {
    const starDelta = solved.word('star_delta', 'star-delta');
    const names: Record<string, string> = {
        direct: 'direct on line',
        star_delta: starDelta,
        autotransformer: 'autotransformer',
        resistor: 'resistor or reactor',
        soft_starter: 'soft starter',
        drive: 'frequency drive',
    };
    return names[method] ?? method;
}

export const options = (names: Record<string, string>, keys: readonly string[]): Option[] =>
    keys.map((value) => ({ value, label: names[value] ?? value }));

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
