<?php

declare(strict_types=1);

namespace Nagomi\Core\Wording;

use Closure;
use DateTimeImmutable;

/** Says messages in one language: a place is written :name, or :Name where its words begin with a capital. */
final readonly class Sentences
{
    private const MOST_DECIMALS = 6;

    /**
     * @param Closure(string): ?string $line the line of a key, in the language that is read; null where there is
     * none
     */
    public function __construct(private Closure $line)
    {
    }

    /** @return string its key where no line is found, so that it is seen to be missing */
    public function say(Message $message): string
    {
        if ($message->key === Message::AS_IT_IS) {
            return $this->word($message->places['words'] ?? '');
        }
        if ($message->key === Message::IN_A_ROW) {
            $sentences = $message->places['sentences'] ?? [];

            return implode(' ', array_map($this->word(...), is_array($sentences) ? $sentences : []));
        }
        $words = [];
        foreach ($message->places as $name => $place) {
            $words[$name] = $this->word($place);
        }

        $said = (string) preg_replace_callback(
            '/:([A-Za-z][A-Za-z0-9]*)/',
            static fn (array $found): string => match (true) {
                isset($words[$found[1]]) => $words[$found[1]],
                isset($words[lcfirst($found[1])]) => self::capital($words[lcfirst($found[1])]),
                default => $found[0],
            },
            $this->lineOf($message),
        );

        // Some names end with a dot of their own.
        return (string) preg_replace('/(?<!\.)\.\.(?!\.)/', '.', $said);
    }

    /**
     * @param array<array-key, Message> $messages
     *
     * @return array<array-key, string> by the same keys
     *
     * @phpstan-return ($messages is list ? list<string> : array<array-key, string>)
     */
    public function sayAll(array $messages): array
    {
        return array_map($this->say(...), $messages);
    }

    /** What is told in a table or a tree, each message in it said; all else stays as it is. */
    public function within(mixed $told): mixed
    {
        return match (true) {
            $told instanceof Message => $this->say($told),
            ! is_array($told) => $told,
            array_keys($told) === ['key', 'places'] => $this->say(KeptMessage::read($told)),
            default => array_map($this->within(...), $told),
        };
    }

    /** A number as this language sets it; less than nothing with a minus as it is set in type. */
    public function number(Figure $figure): string
    {
        $set = number_format(
            abs($figure->value),
            $figure->decimals ?? self::MOST_DECIMALS,
            ($this->line)('wording.decimal-sign') ?? '.',
            '',
        );
        $set = $figure->decimals === null ? rtrim(rtrim($set, '0'), '.,') : $set;

        return ($figure->value < 0 && preg_match('/[1-9]/', $set) === 1 ? '−' : '') . $set;
    }

    /** Where a line tells one from many, by :count: one|many. */
    private function lineOf(Message $message): string
    {
        $line = ($this->line)($message->key) ?? $message->key;
        if (! isset($message->places['count']) || ! str_contains($line, '|')) {
            return $line;
        }
        $ways = explode('|', $line);

        return $message->places['count'] === 1 ? $ways[0] : $ways[1];
    }

    private function word(mixed $place): string
    {
        return match (true) {
            $place instanceof Message => $this->say($place),
            $place instanceof Figure => $this->number($place),
            $place instanceof DateTimeImmutable => $this->day($place),
            is_array($place) => implode(', ', array_map($this->word(...), $place)),
            is_int($place) => str_replace('-', '−', (string) $place),
            is_string($place) => $place,
            default => '',
        };
    }

    private function day(DateTimeImmutable $day): string
    {
        return $this->say(Message::of(
            'wording.day',
            day: $day->format('j'),
            month: Message::of('wording.months.' . $day->format('n')),
        ));
    }

    private static function capital(string $words): string
    {
        return mb_strtoupper(mb_substr($words, 0, 1)) . mb_substr($words, 1);
    }
}
