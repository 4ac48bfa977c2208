/** The house's colours and measures, as custom properties so that light and dark are one set of components. */
export const token = {
    panel: 'var(--panel)',
    ground: 'var(--ground)',
    sheet: 'var(--sheet)',
    rule: 'var(--rule)',
    edge: 'var(--edge)',
    ink: 'var(--ink)',
    soft: 'var(--soft)',
    steel: 'var(--steel)',
    onSteel: 'var(--on-steel)',
    softOnSteel: 'var(--soft-on-steel)',
    accent: 'var(--accent)',
    onAccent: 'var(--on-accent)',
    wash: 'var(--wash)',
    hot: 'var(--hot)',
    real: 'var(--real)',
    reactive: 'var(--reactive)',
    stop: 'var(--stop)',
    stopWash: 'var(--stop-wash)',
    caution: 'var(--caution)',
    cautionWash: 'var(--caution-wash)',
    note: 'var(--note)',
    noteWash: 'var(--note-wash)',
    /** Least height of what is touched: for a finger in a glove, more where there is no mouse. */
    touch: 'var(--touch)',
    sans: 'Barlow, "Anvil Symbols", system-ui, sans-serif',
    narrow: '"Barlow Semi Condensed", "Anvil Symbols", system-ui, sans-serif',
} as const;

export const light = `
    --panel: #e1e5df; --ground: #eef0ec; --sheet: #f9faf7; --rule: #cfd5cf; --edge: #7f8a87; --ink: #1b2226; --soft: #4e5957;
    --steel: #1d262a; --on-steel: #f2f5f3; --soft-on-steel: #aab6b5; --accent: #0a6a66; --on-accent: #ffffff; --wash: #d3e7e4;
    --hot: #c23a08; --real: #745600; --reactive: #2b5c8a; --stop: #b00020; --stop-wash: #f7dfe0; --caution: #8a5600; --caution-wash: #f5ecd2;
    --note: #3b5f86; --note-wash: #e2e9f3; color-scheme: light;`;

export const dark = `
    --panel: #20292c; --ground: #182023; --sheet: #1e272a; --rule: #3a4649; --edge: #83918f; --ink: #e8edeb; --soft: #a9b6b4;
    --steel: #0e1416; --on-steel: #f2f5f3; --soft-on-steel: #a3b0af; --accent: #55b8b0; --on-accent: #08201f; --wash: #1d3f3d;
    --hot: #ff8257; --real: #d9b24a; --reactive: #86b6e4; --stop: #ff8d99; --stop-wash: #472126; --caution: #e6b45c; --caution-wash: #3d3118;
    --note: #9dbde3; --note-wash: #243447; color-scheme: dark;`;

/** Where the reader has colours of his own: in drawings too. What means something differs by its shape or its word. */
export const forced = `
    --panel: Canvas; --ground: Canvas; --sheet: Canvas; --rule: CanvasText; --edge: CanvasText; --ink: CanvasText; --soft: CanvasText;
    --steel: Canvas; --on-steel: CanvasText; --soft-on-steel: CanvasText; --accent: Highlight; --on-accent: HighlightText; --wash: Canvas;
    --hot: CanvasText; --real: CanvasText; --reactive: CanvasText; --stop: CanvasText; --stop-wash: Canvas; --caution: CanvasText;
    --caution-wash: Canvas; --note: CanvasText; --note-wash: Canvas;`;

/** Narrower than this things stand below each other. */
export const narrow = '(max-width: 899px)';
/** A small phone. */
export const small = '(max-width: 419px)';
/** Too narrow or too low for the run beside the station: one row leads to the stations, and the head is one line. */
export const compact = '(max-width: 899px), (max-height: 559px)';
/** Room for the working to stand beside the station. */
export const wide = '(min-width: 1180px) and (min-height: 560px)';
