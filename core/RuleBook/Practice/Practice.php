<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook\Practice;

use BraveAnvil\RuleBook\TableName;
use BraveAnvil\RuleBook\Tables;

/** What every rule book is worked with: practice values, typical motors, and what the stamps of a plate mean. */
final readonly class Practice
{
    public function __construct(private Tables $tables)
    {
    }

    public function starting(): StartingPractice
    {
        return new StartingPractice(
            $this->tables->named(TableName::PracticeStarting), $this->tables->named(TableName::IecStartingPerformance),
        );
    }

    public function runUp(): RunUpPractice
    {
        return new RunUpPractice($this->tables->named(TableName::PracticeRunUp));
    }

    public function guard(): GuardPractice
    {
        return new GuardPractice($this->tables->named(TableName::PracticeGuard));
    }

    public function overloadClasses(): OverloadClasses
    {
        return new OverloadClasses($this->tables->named(TableName::IecOverloadClass), $this->guard());
    }

    public function capacitor(): CapacitorPractice
    {
        return new CapacitorPractice($this->tables->named(TableName::PracticeCapacitor));
    }

    public function typicalMotor(): TypicalMotor
    {
        return new TypicalMotor($this->tables->named(TableName::PracticeTypicalMotor));
    }

    public function efficiencyClasses(): EfficiencyClasses
    {
        return new EfficiencyClasses(
            $this->tables->named(TableName::IecEfficiencyClass50hz), $this->tables->named(TableName::IecEfficiencyClass60hz),
        );
    }

    public function codeLetters(): CodeLetters
    {
        return new CodeLetters($this->tables->named(TableName::NecCodeLetter));
    }

    public function derating(): DeratingPractice
    {
        return new DeratingPractice(
            $this->tables->named(TableName::PracticeDerating), $this->tables->named(TableName::NecUnbalanceDerating),
        );
    }

    public function stamps(): StampTables
    {
        return new StampTables($this->tables);
    }
}
