/** Light, dark, or as the machine is set. Kept on this device. */
export type Theme = 'system' | 'light' | 'dark';

const KEY = 'anvil.theme';

export function storedTheme(): Theme {
    const value = localStorage.getItem(KEY);
    return value === 'light' || value === 'dark' ? value : 'system';
}

export function applyTheme(theme: Theme): void {
    if (theme === 'system') {
        localStorage.removeItem(KEY);
        delete document.documentElement.dataset.theme;
    } else {
        localStorage.setItem(KEY, theme);
        document.documentElement.dataset.theme = theme;
    }
}
