<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Nagomi\Core\Head\Zone;
use Nagomi\Core\Readings\RawMeasure;
use Nagomi\Core\Readings\TestCatalogue;
use Nagomi\Core\Readings\Unit;
use Nagomi\Core\Wording\Message;

/**
 * One test as it was filled in: raw measures in the units of the book, and what was typed where that was another unit.
 */
final readonly class TestEntry
{
    /**
     * @param array<string, mixed>                             $raw
     * @param array<string, array{value: float, unit: string}> $typed by path within the raw measures
     * @param string                                           $path  of its fields within the form
     */
    public function __construct(
        public string $test,
        public ?Zone $zone,
        public array $raw,
        public array $typed,
        public string $path,
    ) {
    }

    /** @return array<string, Message> by path within the form: what to type instead, in the unit that was typed */
    public function problems(): array
    {
        $problems = TestCatalogue::test($this->test)?->problems($this->raw) ?? [];
        foreach ($this->typed as $path => $typed) {
            $problem = $this->measure((string) $path)?->in(Unit::from($typed['unit']))->problem($typed['value']);
            if ($problem !== null) {
                $problems[$path] = $problem;
            }
        }

        return $this->onForm($problems);
    }

    /** @return array<string, Message> by path within the form: what is asked once more */
    public function questions(): array
    {
        $questions = TestCatalogue::test($this->test)?->questions($this->raw) ?? [];
        foreach (array_intersect_key($this->typed, $questions) as $path => $typed) {
            $questions[$path] = $this
                ->measure((string) $path)
                ?->in(Unit::from($typed['unit']))
                ->question($typed['value'])
                ?? $questions[$path];
        }

        return $this->onForm($questions);
    }

    /** What a question was asked about; it is not asked again while this stays as it is. */
    public function mark(string $path): string
    {
        $value = data_get($this->raw, substr($path, strlen($this->path) + 1));

        return "{$path}=" . (is_scalar($value) ? (string) $value : '');
    }

    private function measure(string $path): ?RawMeasure
    {
        $name = substr((string) strrchr(".{$path}", '.'), 1);
        foreach (TestCatalogue::test($this->test)?->rawMeasures() ?? [] as $measure) {
            if ($measure->name === $name) {
                return $measure;
            }
        }

        return null;
    }

    /**
     * @param array<string, Message> $sentences
     *
     * @return array<string, Message>
     */
    private function onForm(array $sentences): array
    {
        return array_combine(
            array_map(fn (string|int $path): string => "{$this->path}.{$path}", array_keys($sentences)),
            array_values($sentences),
        );
    }
}
