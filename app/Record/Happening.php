<?php

declare(strict_types=1);

namespace App\Record;

/** What is written into the record of the house. */
enum Happening: string
{
    case SignedIn = 'signed_in';
    case SignInRefused = 'sign_in_refused';
    case TooManyTries = 'too_many_tries';
    case SignedOut = 'signed_out';
    case SignInEnded = 'sign_in_ended';
    case PasswordChanged = 'password_changed';
    case PersonMade = 'person_made';
    case PersonChanged = 'person_changed';
    case SiteMade = 'site_made';
    case SiteChanged = 'site_changed';
    case TableCorrected = 'table_corrected';
    case CircuitArchived = 'circuit_archived';
    case CircuitRestored = 'circuit_restored';
    case SheetSent = 'sheet_sent';
    case SheetReturned = 'sheet_returned';
    case SheetIssued = 'sheet_issued';
    case SheetWithdrawn = 'sheet_withdrawn';
    case ImportApplied = 'import_applied';
    case CalendarRenewed = 'calendar_renewed';
    case AnalyserAdded = 'analyser_added';
    case AnalyserRemoved = 'analyser_removed';

    public function label(): string
    {
        return ucfirst(str_replace('_', ' ', $this->value));
    }
}
