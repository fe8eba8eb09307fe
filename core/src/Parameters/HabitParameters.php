<?php

declare(strict_types=1);

namespace Nagomi\Core\Parameters;

/** What is assumed of how people care for their hair at home and how well they tell of it, before they told of any. */
final readonly class HabitParameters
{
    /** share of steps at home */
    public float $forgotten;

    /** share of steps at home */
    public float $mistaken;

    /** share of washes at home that neither conditioner nor mask came after */
    public float $skipped;

    /** washes that what is assumed of it counts for */
    public float $skippedWashes;

    /** share of steps in the salon */
    public float $misnotedInSalon;

    /** probability at a wash where it is not due */
    public float $outOfTurn;

    /** probability at a wash where it is due */
    public float $leftOut;

    /** @var array<string, float> share of clients, by every how many washes; never */
    public array $maskEvery;

    /** @var array<string, float> share of clients, by every how many washes; never */
    public array $proteinEvery;

    /** @var array<string, float> share of clients, by every how many washes; never */
    public array $clarifyingEvery;

    /** @var array<string, float> share of washes that do not clarify, by kind of cleanse */
    public array $cleanses;

    /** share of washes */
    public float $leaveInShare;

    /** share of washes */
    public float $preWashShare;

    /** washes that what is assumed counts for */
    public float $priorWashes;

    /** minutes */
    public float $maskMinutes;

    /** share of the newest mask in the usual minutes */
    public float $newestMaskShare;

    /** @var array<string, float> minutes, mild and strong */
    public array $proteinMinutes;

    /** @var array<string, float> probability that a step is done at home where it is planned, by kind */
    public array $kept;

    /** planned washes at home that what is assumed counts for */
    public float $keptWashes;

    /** probability that a step is done at home where it is not planned */
    public float $besidesPlan;

    /** short masks are thought of where long ones are done less often than this share of what is usual */
    public float $shortMaskBelow;

    /** minutes up to which a mask is a short one */
    public float $shortMaskMinutes;

    /** @throws InvalidParameters where the table lacks one of them */
    public function __construct(ParameterTable $table)
    {
        $this->forgotten = $table->number('habits.forgotten');
        $this->mistaken = $table->number('habits.mistaken');
        $this->skipped = $table->number('habits.skipped');
        $this->skippedWashes = $table->number('habits.skipped-washes');
        $this->misnotedInSalon = $table->number('habits.misnoted-in-salon');
        $this->outOfTurn = $table->number('habits.out-of-turn');
        $this->leftOut = $table->number('habits.left-out');
        $this->maskEvery = $table->numbers('habits.mask-every');
        $this->proteinEvery = $table->numbers('habits.protein-every');
        $this->clarifyingEvery = $table->numbers('habits.clarifying-every');
        $this->cleanses = $table->numbers('habits.cleanses');
        $this->leaveInShare = $table->number('habits.leave-in-share');
        $this->preWashShare = $table->number('habits.pre-wash-share');
        $this->priorWashes = $table->number('habits.prior-washes');
        $this->maskMinutes = $table->number('habits.mask-minutes');
        $this->newestMaskShare = $table->number('habits.newest-mask-share');
        $this->proteinMinutes = $table->numbers('habits.protein-minutes');
        $this->kept = $table->numbers('habits.kept');
        $this->keptWashes = $table->number('habits.kept-washes');
        $this->besidesPlan = $table->number('habits.besides-plan');
        $this->shortMaskBelow = $table->number('habits.short-mask-below');
        $this->shortMaskMinutes = $table->number('habits.short-mask-minutes');
    }
}
