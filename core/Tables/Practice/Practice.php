<?php

declare(strict_types=1);

namespace BraveAnvil\Tables\Practice;

use BraveAnvil\Tables\TableName;
use BraveAnvil\Tables\Tables;

/**
 * What every rule book is worked with: practice values, typical motors, and what the stamps of a plate mean. Each is made when it is
 * first asked.
 */
final class Practice
{
    private ?StartingPractice $starting = null;

    private ?RunUpPractice $runUp = null;

    private ?GuardPractice $guard = null;

    private ?OverloadClasses $overloadClasses = null;

    private ?CapacitorPractice $capacitor = null;

    private ?TypicalMotor $typicalMotor = null;

    private ?TypicalSinglePhase $typicalSinglePhase = null;

    private ?EfficiencyClasses $efficiencyClasses = null;

    private ?CodeLetters $codeLetters = null;

    private ?DeratingPractice $derating = null;

    private ?StampTables $stamps = null;

    public function __construct(private readonly Tables $tables)
    {
    }

    public function starting(): StartingPractice
    {
        return $this->starting ??= new StartingPractice(
            $this->tables->named(TableName::PracticeStarting), $this->tables->named(TableName::IecStartingPerformance),
        );
    }

    public function runUp(): RunUpPractice
    {
        return $this->runUp ??= new RunUpPractice($this->tables->named(TableName::PracticeRunUp));
    }

    public function guard(): GuardPractice
    {
        return $this->guard ??= new GuardPractice($this->tables->named(TableName::PracticeGuard));
    }

    public function overloadClasses(): OverloadClasses
    {
        return $this->overloadClasses ??= new OverloadClasses($this->tables->named(TableName::IecOverloadClass), $this->guard());
    }

    public function capacitor(): CapacitorPractice
    {
        return $this->capacitor ??= new CapacitorPractice($this->tables->named(TableName::PracticeCapacitor));
    }

    public function typicalMotor(): TypicalMotor
    {
        return $this->typicalMotor ??= new TypicalMotor($this->tables->named(TableName::PracticeTypicalMotor));
    }

    public function typicalSinglePhase(): TypicalSinglePhase
    {
        return $this->typicalSinglePhase ??= new TypicalSinglePhase($this->tables->named(TableName::PracticeTypicalSinglePhase));
    }

    public function efficiencyClasses(): EfficiencyClasses
    {
        return $this->efficiencyClasses ??= new EfficiencyClasses(
            $this->tables->named(TableName::IecEfficiencyClass50hz), $this->tables->named(TableName::IecEfficiencyClass60hz),
        );
    }

    public function codeLetters(): CodeLetters
    {
        return $this->codeLetters ??= new CodeLetters($this->tables->named(TableName::NecCodeLetter));
    }

    public function derating(): DeratingPractice
    {
        return $this->derating ??= new DeratingPractice(
            $this->tables->named(TableName::PracticeDerating), $this->tables->named(TableName::NecUnbalanceDerating),
        );
    }

    public function stamps(): StampTables
    {
        return $this->stamps ??= new StampTables($this->tables);
    }
}
