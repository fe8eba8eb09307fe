<?php

declare(strict_types=1);

namespace Nagomi\Core\Parameters;

use RuntimeException;

/**
 * Every number the computation goes by. A head carries them; what works without a head has them, or one section of
 * them, handed in. Values, units, origins and limits stand in core/data/parameters.csv and nowhere else.
 */
final readonly class Parameters
{
    public ModelParameters $model;
    public TreatmentParameters $treatments;
    public SignParameters $signs;
    public PlanningParameters $planning;
    public WashDayParameters $washDay;
    public ReadingParameters $readings;
    public SchedulingParameters $scheduling;
    public ProductParameters $products;
    public ScalpParameters $scalp;
    public TrimParameters $trim;
    public ContentParameters $contents;
    public HabitParameters $habits;
    public LearningParameters $learning;
    public PracticeParameters $practice;
    public PopulationParameters $population;

    /** @throws InvalidParameters where the table lacks one of them */
    public function __construct(public ParameterTable $table)
    {
        $this->model = new ModelParameters($table);
        $this->treatments = new TreatmentParameters($table);
        $this->signs = new SignParameters($table);
        $this->planning = new PlanningParameters($table);
        $this->washDay = new WashDayParameters($table);
        $this->readings = new ReadingParameters($table);
        $this->scheduling = new SchedulingParameters($table);
        $this->products = new ProductParameters($table);
        $this->scalp = new ScalpParameters($table);
        $this->trim = new TrimParameters($table);
        $this->contents = new ContentParameters($table);
        $this->habits = new HabitParameters($table);
        $this->learning = new LearningParameters($table);
        $this->practice = new PracticeParameters($table);
        $this->population = new PopulationParameters($table);
    }

    /** @throws RuntimeException where the shipped table cannot be read */
    public static function shipped(): self
    {
        /** @var self|null $shipped the file does not change while the product runs */
        static $shipped = null;

        return $shipped ??= new self(ParameterTable::shipped());
    }

    /**
     * The same parameters with one value another; the trials under wrong models and a salon's own values come this way.
     *
     * @throws InvalidParameters where there is no such parameter or the value is not believable
     */
    public function with(string $name, float $value, string $key = ''): self
    {
        return new self($this->table->with($name, $key, $value));
    }
}
