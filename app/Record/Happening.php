<?php

declare(strict_types=1);

namespace App\Record;

/** What is written into the activity log. */
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
    case SupplyTaken = 'supply_taken';
    case BoardMade = 'board_made';
    case BoardRemoved = 'board_removed';
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
        return match ($this) {
            self::SignedIn => 'Signed in',
            self::SignInRefused => 'Sign-in refused',
            self::TooManyTries => 'Too many sign-in attempts',
            self::SignedOut => 'Signed out',
            self::SignInEnded => 'Signed out by administrator',
            self::PasswordChanged => 'Password changed',
            self::PersonMade => 'User added',
            self::PersonChanged => 'User changed',
            self::SiteMade => 'Site added',
            self::SiteChanged => 'Site changed',
            self::TableCorrected => 'Table value corrected',
            self::SupplyTaken => 'Supply changed in circuits',
            self::BoardMade => 'Board added',
            self::BoardRemoved => 'Board removed',
            self::CircuitArchived => 'Circuit archived',
            self::CircuitRestored => 'Circuit restored',
            self::SheetSent => 'Sheet sent for review',
            self::SheetReturned => 'Sheet returned for correction',
            self::SheetIssued => 'Sheet issued',
            self::SheetWithdrawn => 'Sheet withdrawn',
            self::ImportApplied => 'Import completed',
            self::CalendarRenewed => 'Calendar address renewed',
            self::AnalyserAdded => 'Instrument added',
            self::AnalyserRemoved => 'Instrument removed',
        };
    }
}
