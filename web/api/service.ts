// Generated from the routes by bin/contract. Do not edit.

import { asked, call, send, type Id, type Query } from './client';

import type {
    Analyser,
    AnalyserValues,
    AnalysersAnswer,
    AskedLeads,
    AskedPaper,
    AskedReading,
    AskedSchedule,
    AskedWorkbook,
    BankAnswer,
    BankBody,
    BoardAnswer,
    BoardBody,
    BoardDocument,
    BoardsAnswer,
    CalendarAddress,
    CarriedDifference,
    CarriedParts,
    CircuitBody,
    CircuitResource,
    CircuitToSolve,
    CompareAnswer,
    Credentials,
    Drill,
    DrillReadAnswer,
    DrillsAnswer,
    DueAnswer,
    ExtraAnswer,
    FoundOnRound,
    Import,
    ImportColumns,
    ImportCurrentsAnswer,
    ImportRowsAnswer,
    ImportSheet,
    ImportsAnswer,
    LogAnswer,
    MeasuredReading,
    NamedFault,
    NamedLeads,
    NewAnalyser,
    NewBoard,
    NewCircuit,
    NewCorrection,
    NewDrill,
    NewLogEntry,
    NewPerson,
    NewRevision,
    NewRound,
    NewSite,
    NewSpare,
    OfferedMotor,
    PaperAnswer,
    PaperJob,
    PartsToSolve,
    PasswordBody,
    PeopleAnswer,
    Person,
    PersonBody,
    PhotographAnswer,
    Reading,
    ReadingCheck,
    ReadingToCheck,
    ReadingsAnswer,
    RecordAnswer,
    Register,
    RemovedCorrection,
    ReplacementAnswer,
    ReturnedSheet,
    ReviewAnswer,
    Revision,
    RevisionRow,
    RevisionsAnswer,
    Round,
    RoundMotorAnswer,
    RoundsAnswer,
    Saved,
    SeenVersion,
    SentSheet,
    SessionAnswer,
    SignInsAnswer,
    SignedSheet,
    SimulatedReading,
    Site,
    SiteBody,
    SitesAnswer,
    Solution,
    SolutionParts,
    Spare,
    SpareBody,
    SparesAnswer,
    TablesAnswer,
    TakenAnswer,
    TakenSupply,
    TimedStart,
    TrialAnswer,
    TriedSupply,
    TypedReading,
    WaveformAnswer,
    Why,
} from './contract';

/** Every call to the service, by what it is about. What answers with a file gives its address. */

export const service = {
    bank: {
        show: (site: Id, signal?: AbortSignal) => call<BankAnswer>('GET', `sites/${site}/bank`, undefined, signal),
        update: (site: Id, body: BankBody, signal?: AbortSignal) => call<BankAnswer>('PUT', `sites/${site}/bank`, body, signal),
    },
    board: {
        index: (site: Id, signal?: AbortSignal) => call<BoardsAnswer>('GET', `sites/${site}/boards`, undefined, signal),
        store: (site: Id, body: NewBoard, signal?: AbortSignal) => call<BoardAnswer>('POST', `sites/${site}/boards`, body, signal),
        take: (site: Id, body: BoardDocument, signal?: AbortSignal) => call<BoardAnswer>('POST', `sites/${site}/boards/take`, body, signal),
        table: (site: Id) => `/api/sites/${site}/boards.csv`,
        lines: (site: Id) => `/api/sites/${site}/boards.jsonl`,
        show: (board: Id, signal?: AbortSignal) => call<BoardAnswer>('GET', `boards/${board}`, undefined, signal),
        update: (board: Id, body: BoardBody, signal?: AbortSignal) => call<BoardAnswer>('PUT', `boards/${board}`, body, signal),
        destroy: (board: Id, body: SeenVersion, signal?: AbortSignal) => call<undefined>('DELETE', `boards/${board}`, body, signal),
        document: (board: Id) => `/api/boards/${board}/document.json`,
    },
    carried: {
        parts: (signal?: AbortSignal) => call<CarriedParts>('GET', `carried`, undefined, signal),
        differs: (body: CarriedDifference, signal?: AbortSignal) => call<undefined>('POST', `carried/differences`, body, signal),
    },
    circuit: {
        index: (
            query: Query<
                | 'site'
                | 'search'
                | 'worst'
                | 'area'
                | 'starting'
                | 'device'
                | 'cable'
                | 'board'
                | 'down'
                | 'archived'
                | 'page'
                | 'sort'
                | 'group'
            > = {},
            signal?: AbortSignal,
        ) => call<Register>('GET', `circuits${asked(query)}`, undefined, signal),
        store: (body: NewCircuit, signal?: AbortSignal) => call<CircuitResource>('POST', `circuits`, body, signal),
        show: (circuit: Id, signal?: AbortSignal) => call<CircuitResource>('GET', `circuits/${circuit}`, undefined, signal),
        update: (circuit: Id, body: CircuitBody, signal?: AbortSignal) => call<Saved>('PUT', `circuits/${circuit}`, body, signal),
        destroy: (circuit: Id, body: SeenVersion, signal?: AbortSignal) => call<undefined>('DELETE', `circuits/${circuit}`, body, signal),
        restore: (circuit: Id, signal?: AbortSignal) => call<CircuitResource>('POST', `circuits/${circuit}/restore`, undefined, signal),
    },
    extra: {
        ask: (query: Query<'with'>, body: CircuitToSolve, signal?: AbortSignal) =>
            call<ExtraAnswer>('POST', `solve/extra${asked(query)}`, body, signal),
    },
    instrument: {
        read: (circuit: Id, body: AskedReading, signal?: AbortSignal) =>
            call<SimulatedReading>('POST', `circuits/${circuit}/instruments`, body, signal),
        keep: (circuit: Id, body: SimulatedReading, signal?: AbortSignal) =>
            call<Reading>('POST', `circuits/${circuit}/instruments/keep`, body, signal),
        drills: (circuit: Id, signal?: AbortSignal) => call<DrillsAnswer>('GET', `circuits/${circuit}/drills`, undefined, signal),
        begin: (circuit: Id, body: NewDrill, signal?: AbortSignal) => call<Drill>('POST', `circuits/${circuit}/drills`, body, signal),
        readDrill: (drill: Id, body: AskedReading, signal?: AbortSignal) =>
            call<DrillReadAnswer>('POST', `drills/${drill}/readings`, body, signal),
        name: (drill: Id, body: NamedFault, signal?: AbortSignal) => call<Drill>('POST', `drills/${drill}/name`, body, signal),
        analysers: (signal?: AbortSignal) => call<AnalysersAnswer>('GET', `analysers`, undefined, signal),
        storeAnalyser: (body: NewAnalyser, signal?: AbortSignal) => call<Analyser>('POST', `analysers`, body, signal),
        removeAnalyser: (analyser: Id, signal?: AbortSignal) => call<undefined>('DELETE', `analysers/${analyser}`, undefined, signal),
        readAnalyser: (analyser: Id, signal?: AbortSignal) => call<AnalyserValues>('POST', `analysers/${analyser}/read`, undefined, signal),
    },
    leads: { ask: (body: AskedLeads, signal?: AbortSignal) => call<NamedLeads>('POST', `leads`, body, signal) },
    log: {
        index: (circuit: Id, signal?: AbortSignal) => call<LogAnswer>('GET', `circuits/${circuit}/log`, undefined, signal),
        store: (circuit: Id, body: NewLogEntry, signal?: AbortSignal) => call<LogAnswer>('POST', `circuits/${circuit}/log`, body, signal),
        withdraw: (entry: Id, body: Why, signal?: AbortSignal) => call<LogAnswer>('POST', `log/${entry}/withdraw`, body, signal),
        due: (site: Id, signal?: AbortSignal) => call<DueAnswer>('GET', `sites/${site}/due`, undefined, signal),
        dueFile: (site: Id) => `/api/sites/${site}/due.csv`,
        renewCalendar: (site: Id, signal?: AbortSignal) => call<CalendarAddress>('POST', `sites/${site}/calendar`, undefined, signal),
    },
    parts: { ask: (body: PartsToSolve, signal?: AbortSignal) => call<SolutionParts>('POST', `solve/parts`, body, signal) },
    person: {
        index: (signal?: AbortSignal) => call<PeopleAnswer>('GET', `people`, undefined, signal),
        store: (body: NewPerson, signal?: AbortSignal) => call<Person>('POST', `people`, body, signal),
        update: (person: Id, body: PersonBody, signal?: AbortSignal) => call<Person>('PUT', `people/${person}`, body, signal),
    },
    photograph: {
        store: (circuit: Id, body: Blob, signal?: AbortSignal) =>
            send<PhotographAnswer>('PUT', `circuits/${circuit}/photograph`, body, signal),
        index: (circuit: Id, signal?: AbortSignal) => call<PhotographAnswer>('GET', `circuits/${circuit}/photograph`, undefined, signal),
        show: (circuit: Id, name: Id) => `/api/circuits/${circuit}/photograph/${name}`,
        destroy: (circuit: Id, signal?: AbortSignal) => call<undefined>('DELETE', `circuits/${circuit}/photograph`, undefined, signal),
    },
    reading: {
        index: (circuit: Id, signal?: AbortSignal) => call<ReadingsAnswer>('GET', `circuits/${circuit}/readings`, undefined, signal),
        store: (circuit: Id, body: MeasuredReading, signal?: AbortSignal) =>
            call<Reading>('POST', `circuits/${circuit}/readings`, body, signal),
        storeTyped: (circuit: Id, body: TypedReading, signal?: AbortSignal) =>
            call<Reading>('POST', `circuits/${circuit}/readings/typed`, body, signal),
        storeStart: (circuit: Id, body: TimedStart, signal?: AbortSignal) =>
            call<Reading>('POST', `circuits/${circuit}/starts`, body, signal),
        withdraw: (reading: Id, body: Why, signal?: AbortSignal) => call<Reading>('POST', `readings/${reading}/withdraw`, body, signal),
    },
    readingCheck: { ask: (body: ReadingToCheck, signal?: AbortSignal) => call<ReadingCheck>('POST', `readings/check`, body, signal) },
    record: {
        index: (query: Query<'what' | 'who' | 'page'> = {}, signal?: AbortSignal) =>
            call<RecordAnswer>('GET', `record${asked(query)}`, undefined, signal),
        file: (query: Query<'what' | 'who'> = {}) => `/api/record.csv${asked(query)}`,
    },
    register: {
        begin: (site: Id, query: Query<'what' | 'name'>, body: Blob, signal?: AbortSignal) =>
            send<Import>('POST', `sites/${site}/imports${asked(query)}`, body, signal),
        circuits: (site: Id, query: Query<'figures'> = {}) => `/api/sites/${site}/circuits.csv${asked(query)}`,
        circuitLines: (site: Id) => `/api/sites/${site}/circuits.jsonl`,
        readings: (site: Id) => `/api/sites/${site}/readings.csv`,
        readingLines: (site: Id) => `/api/sites/${site}/readings.jsonl`,
        schedule: (site: Id, body: AskedSchedule, signal?: AbortSignal) => call<PaperJob>('POST', `sites/${site}/schedules`, body, signal),
        workbook: (site: Id, body: AskedWorkbook, signal?: AbortSignal) => call<PaperJob>('POST', `sites/${site}/workbook`, body, signal),
        index: (site: Id, signal?: AbortSignal) => call<ImportsAnswer>('GET', `sites/${site}/imports`, undefined, signal),
        show: (imported: Id, signal?: AbortSignal) => call<Import>('GET', `imports/${imported}`, undefined, signal),
        rows: (imported: Id, query: Query<'action' | 'page'> = {}, signal?: AbortSignal) =>
            call<ImportRowsAnswer>('GET', `imports/${imported}/rows${asked(query)}`, undefined, signal),
        currents: (imported: Id, query: Query<'action' | 'page' | 'count'> = {}, signal?: AbortSignal) =>
            call<ImportCurrentsAnswer>('GET', `imports/${imported}/currents${asked(query)}`, undefined, signal),
        refused: (imported: Id) => `/api/imports/${imported}/refused.csv`,
        columns: (imported: Id, body: ImportColumns, signal?: AbortSignal) =>
            call<Import>('PUT', `imports/${imported}/columns`, body, signal),
        sheet: (imported: Id, body: ImportSheet, signal?: AbortSignal) => call<Import>('PUT', `imports/${imported}/sheet`, body, signal),
        apply: (imported: Id, signal?: AbortSignal) => call<Import>('POST', `imports/${imported}/apply`, undefined, signal),
        cancel: (imported: Id, signal?: AbortSignal) => call<Import>('DELETE', `imports/${imported}`, undefined, signal),
    },
    revision: {
        index: (circuit: Id, signal?: AbortSignal) => call<RevisionsAnswer>('GET', `circuits/${circuit}/revisions`, undefined, signal),
        store: (circuit: Id, body: NewRevision, signal?: AbortSignal) =>
            call<RevisionRow>('POST', `circuits/${circuit}/revisions`, body, signal),
        ofBoard: (board: Id, signal?: AbortSignal) => call<RevisionsAnswer>('GET', `boards/${board}/revisions`, undefined, signal),
        storeOfBoard: (board: Id, body: NewRevision, signal?: AbortSignal) =>
            call<RevisionRow>('POST', `boards/${board}/revisions`, body, signal),
        show: (revision: Id, signal?: AbortSignal) => call<Revision>('GET', `revisions/${revision}`, undefined, signal),
    },
    round: {
        index: (site: Id, signal?: AbortSignal) => call<RoundsAnswer>('GET', `sites/${site}/rounds`, undefined, signal),
        begin: (site: Id, body: NewRound, signal?: AbortSignal) => call<Round>('POST', `sites/${site}/rounds`, body, signal),
        show: (round: Id, signal?: AbortSignal) => call<Round>('GET', `rounds/${round}`, undefined, signal),
        motor: (round: Id, circuit: Id, signal?: AbortSignal) =>
            call<RoundMotorAnswer>('GET', `rounds/${round}/motors/${circuit}`, undefined, signal),
        check: (round: Id, circuit: Id, body: FoundOnRound, signal?: AbortSignal) =>
            call<Round>('POST', `rounds/${round}/motors/${circuit}`, body, signal),
        end: (round: Id, signal?: AbortSignal) => call<Round>('POST', `rounds/${round}/end`, undefined, signal),
        paper: (round: Id, signal?: AbortSignal) => call<PaperJob>('POST', `rounds/${round}/paper`, undefined, signal),
    },
    session: {
        show: (signal?: AbortSignal) => call<SessionAnswer>('GET', `session`, undefined, signal),
        store: (body: Credentials, signal?: AbortSignal) => call<SessionAnswer>('POST', `session`, body, signal),
        destroy: (signal?: AbortSignal) => call<undefined>('DELETE', `session`, undefined, signal),
        signIns: (signal?: AbortSignal) => call<SignInsAnswer>('GET', `session/sign-ins`, undefined, signal),
        endOthers: (signal?: AbortSignal) => call<undefined>('DELETE', `session/sign-ins`, undefined, signal),
        endOne: (signIn: Id, signal?: AbortSignal) => call<undefined>('DELETE', `session/sign-ins/${signIn}`, undefined, signal),
        password: (body: PasswordBody, signal?: AbortSignal) => call<SessionAnswer>('PUT', `session/password`, body, signal),
        standing: (signal?: AbortSignal) => call<SessionAnswer>('POST', `session/standing`, undefined, signal),
    },
    sheet: {
        board: (board: Id, paper: Id, signal?: AbortSignal) =>
            call<PaperAnswer>('GET', `boards/${board}/paper/${paper}`, undefined, signal),
        preview: (circuit: Id, body: AskedPaper, signal?: AbortSignal) =>
            call<PaperAnswer>('POST', `circuits/${circuit}/sheet`, body, signal),
        show: (revision: Id, paper: Id, signal?: AbortSignal) =>
            call<PaperAnswer>('GET', `revisions/${revision}/paper/${paper}`, undefined, signal),
        doorPdf: (revision: Id) => `/api/revisions/${revision}/door.pdf`,
        record: (revision: Id) => `/api/revisions/${revision}/record`,
        review: (revision: Id, signal?: AbortSignal) => call<ReviewAnswer>('GET', `revisions/${revision}/review`, undefined, signal),
        compare: (revision: Id, other: Id, signal?: AbortSignal) =>
            call<CompareAnswer>('GET', `revisions/${revision}/compare/${other}`, undefined, signal),
        send: (revision: Id, body: SentSheet, signal?: AbortSignal) =>
            call<RevisionRow>('POST', `revisions/${revision}/send`, body, signal),
        return: (revision: Id, body: ReturnedSheet, signal?: AbortSignal) =>
            call<RevisionRow>('POST', `revisions/${revision}/return`, body, signal),
        issue: (revision: Id, body: SignedSheet, signal?: AbortSignal) =>
            call<RevisionRow>('POST', `revisions/${revision}/issue`, body, signal),
        withdraw: (revision: Id, body: Why, signal?: AbortSignal) =>
            call<RevisionRow>('POST', `revisions/${revision}/withdraw`, body, signal),
        ask: (revision: Id, signal?: AbortSignal) => call<PaperJob>('POST', `revisions/${revision}/file`, undefined, signal),
        asked: (job: Id, signal?: AbortSignal) => call<PaperJob>('GET', `papers/${job}`, undefined, signal),
        cancel: (job: Id, signal?: AbortSignal) => call<PaperJob>('DELETE', `papers/${job}`, undefined, signal),
        download: (job: Id) => `/api/papers/${job}/file`,
    },
    site: {
        index: (signal?: AbortSignal) => call<SitesAnswer>('GET', `sites`, undefined, signal),
        store: (body: NewSite, signal?: AbortSignal) => call<Site>('POST', `sites`, body, signal),
        update: (site: Id, body: SiteBody, signal?: AbortSignal) => call<Site>('PUT', `sites/${site}`, body, signal),
    },
    solve: { ask: (body: CircuitToSolve, signal?: AbortSignal) => call<Solution>('POST', `solve`, body, signal) },
    spare: {
        check: (body: OfferedMotor, signal?: AbortSignal) => call<ReplacementAnswer>('POST', `replacement`, body, signal),
        index: (site: Id, signal?: AbortSignal) => call<SparesAnswer>('GET', `sites/${site}/spares`, undefined, signal),
        store: (site: Id, body: NewSpare, signal?: AbortSignal) => call<Spare>('POST', `sites/${site}/spares`, body, signal),
        update: (spare: Id, body: SpareBody, signal?: AbortSignal) => call<Spare>('PUT', `spares/${spare}`, body, signal),
        destroy: (spare: Id, body: SeenVersion, signal?: AbortSignal) => call<undefined>('DELETE', `spares/${spare}`, body, signal),
    },
    table: {
        index: (site: Id, signal?: AbortSignal) => call<TablesAnswer>('GET', `sites/${site}/tables`, undefined, signal),
        store: (site: Id, body: NewCorrection, signal?: AbortSignal) =>
            call<TablesAnswer>('POST', `sites/${site}/corrections`, body, signal),
        destroy: (site: Id, body: RemovedCorrection, signal?: AbortSignal) =>
            call<TablesAnswer>('DELETE', `sites/${site}/corrections`, body, signal),
        begin: (site: Id, signal?: AbortSignal) => call<TablesAnswer>('POST', `sites/${site}/recompute`, undefined, signal),
        cancel: (site: Id, signal?: AbortSignal) => call<TablesAnswer>('DELETE', `sites/${site}/recompute`, undefined, signal),
    },
    trial: {
        try: (site: Id, body: TriedSupply, signal?: AbortSignal) => call<TrialAnswer>('POST', `sites/${site}/trial`, body, signal),
        take: (site: Id, body: TakenSupply, signal?: AbortSignal) => call<TakenAnswer>('POST', `sites/${site}/trial/take`, body, signal),
    },
    waveform: {
        analyse: (query: Query<'options'>, body: Blob, signal?: AbortSignal) =>
            send<WaveformAnswer>('POST', `waveforms${asked(query)}`, body, signal),
        store: (circuit: Id, query: Query<'options' | 'instrument' | 'note' | 'taken_at'>, body: Blob, signal?: AbortSignal) =>
            send<Reading>('POST', `circuits/${circuit}/waveforms${asked(query)}`, body, signal),
    },
};
