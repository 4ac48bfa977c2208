/** What is asked of a service, as far as this note needs it. */
interface Asked {
    isError: boolean;
    error: Error | null;
}

/** Says what of a view is missing because it could not be loaded; nothing where everything is there. */
export function NotLoaded({ what, of }: { what: string; of: Asked | readonly Asked[] }) {
    const failed = (Array.isArray(of) ? (of as readonly Asked[]) : [of as Asked]).find(({ isError }) => isError);
    return failed === undefined ? null : (
        <p role="alert">
            Not loaded: {what}. {failed.error?.message ?? ''}
        </p>
    );
}
