<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove;

use BraveAnvil\Ground\Grade;

/** What a judge says of one reading. It begins as agreeing; whatever is found is added. */
final class Judgement
{
    public Verdict $verdict = Verdict::Agrees;

    public ?Grade $grade = null;

    public ?Pattern $pattern = null;

    /** @var list<string> fields of the reading or of the circuit without which it cannot be compared */
    public array $wanted = [];

    /** @var list<string> what usually causes such a difference, most likely first */
    public array $pointsTo = [];

    public string $next = '';

    /** A remark beside the numbers. */
    public string $says = '';

    /** @var list<JudgedQuantity> */
    public array $quantities = [];

    /** It cannot be compared while these are missing. */
    public static function waiting(string ...$wanted): self
    {
        $judgement = new self;
        $judgement->verdict = Verdict::CannotBeCompared;
        $judgement->wanted = array_values(array_unique($wanted));

        return $judgement;
    }

    public static function notComparable(string $why): self
    {
        $judgement = self::waiting();
        $judgement->says = $why;

        return $judgement;
    }

    /** Told, whatever it is. */
    public function tell(JudgedQuantity ...$quantities): self
    {
        foreach ($quantities as $quantity) {
            $this->quantities[] = $quantity;
        }

        return $this;
    }

    /** Told, and held against its band: outside it the reading differs, by at least this grade. */
    public function hold(JudgedQuantity $quantity, Grade $grade = Grade::Caution): self
    {
        $this->tell($quantity);
        if (! $quantity->isInside()) {
            $this->differ($grade);
        }

        return $this;
    }

    public function differ(Grade $grade = Grade::Caution): self
    {
        $this->verdict = Verdict::Differs;

        return $this->mark($grade);
    }

    /** Graded, agreeing or not. The gravest counts. */
    public function mark(Grade $grade): self
    {
        $order = [Grade::Note->value => 0, Grade::Caution->value => 1, Grade::Stop->value => 2];
        if ($this->grade === null || $order[$grade->value] > $order[$this->grade->value]) {
            $this->grade = $grade;
        }

        return $this;
    }

    public function shape(Pattern $pattern): self
    {
        $this->pattern = $pattern;

        return $this;
    }

    public function say(string $text): self
    {
        $this->says .= ($this->says === '' ? '' : ' ').$text;

        return $this;
    }

    /** What it points to and what to look at next, where it differs or is graded. */
    public function advise(string $next, string ...$pointsTo): self
    {
        if ($this->verdict === Verdict::Differs || $this->grade !== null) {
            $this->next = $next;
            $this->pointsTo = array_values($pointsTo);
        }

        return $this;
    }
}
