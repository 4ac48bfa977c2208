// The page of the tests has no CSS object of use; dialogs and lists ask it to escape identifiers.
Object.defineProperty(globalThis, 'CSS', { value: { escape: (text: string) => text }, configurable: true, writable: true });
