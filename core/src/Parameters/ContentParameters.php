<?php

declare(strict_types=1);

namespace Nagomi\Core\Parameters;

/** What the contents of a bottle change in what its step does. */
final readonly class ContentParameters
{
    /** @var array<string, float> times the kind's usual effect, at least and at most */
    public array $factor;

    /** exponent of a share over the usual one */
    public float $exponent;

    /** @var array<string, array<string, float>> % by weight, by step or cleanse and content */
    public array $usualPercent;

    /** @var array<string, float> part of its weight that counts, by what it is */
    public array $counts;

    /** % by weight from which a bottle chelates */
    public float $chelatesFromPercent;

    /** % by weight from which what stays in keeps water in */
    public float $sealsFromPercent;

    /** @var array<string, float> build-up that films of a usual bottle leave, by step */
    public array $filmBuildUp;

    /** % by weight of film formers and silicones in a usual bottle */
    public float $usualFilmPercent;

    /** % by weight from which a content tells one bottle from another */
    public float $countsFromPercent;

    /** times as much of a content at most, where two bottles count as alike */
    public float $alikeTimes;

    /** @throws InvalidParameters where the table lacks one of them */
    public function __construct(ParameterTable $table)
    {
        $this->factor = $table->numbers('contents.factor');
        $this->exponent = $table->number('contents.exponent');
        $this->usualPercent = $table->tables('contents.usual-percent');
        $this->counts = $table->numbers('contents.counts');
        $this->chelatesFromPercent = $table->number('contents.chelates-from-percent');
        $this->sealsFromPercent = $table->number('contents.seals-from-percent');
        $this->filmBuildUp = $table->numbers('contents.film-build-up');
        $this->countsFromPercent = $table->number('contents.counts-from-percent');
        $this->alikeTimes = $table->number('contents.alike-times');
        $this->usualFilmPercent = $table->number('contents.usual-film-percent');
    }
}
