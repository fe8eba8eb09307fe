<?php

declare(strict_types=1);

namespace App\Bridge\Imports;

/** Words of a table that stand for something of the salon's: what each means, and those somebody has to say. */
final class MetWords
{
    public const LEAVE = 'leave';

    /** @var array<string, array<string, array{word: string, lines: int, means: string|null}>> by field and key */
    private array $asked = [];

    /** @param array<string, array<string, string>> $said ours by theirs, by field */
    public function __construct(private readonly array $said)
    {
    }

    /**
     * @param string|null $known what it means without anybody saying so
     *
     * @return string|null ours, or LEAVE; null: somebody has to say
     */
    public function means(ImportField $field, string $word, ?string $known): ?string
    {
        if ($known !== null) {
            return $known;
        }
        $plain = self::key($word);
        $means = $this->said[$field->value][$plain] ?? null;
        $this->asked[$field->value][$plain] ??= ['word' => $word, 'lines' => 0, 'means' => $means];
        $this->asked[$field->value][$plain]['lines']++;

        return $means;
    }

    /** A word as a form can send it back. */
    public static function key(string $word): string
    {
        return substr(hash('sha256', KnownClients::plain($word)), 0, 12);
    }

    /** @return array<string, array<string, array{word: string, lines: int, means: string|null}>> most lines first */
    public function asked(): array
    {
        return array_map(static function (array $words): array {
            uasort($words, static fn (array $one, array $other): int => $other['lines'] <=> $one['lines']);

            return $words;
        }, $this->asked);
    }
}
