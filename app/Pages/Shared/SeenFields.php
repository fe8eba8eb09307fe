<?php

declare(strict_types=1);

namespace App\Pages\Shared;

use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Crypt;

/**
 * The fields of a form as whoever fills it in has seen them. They travel with the form, sealed, and say on its way back
 * which fields
 * were touched: those are taken from the form, all others from the book as it stands by then.
 */
final readonly class SeenFields
{
    /** @param array<string, string> $fields by dotted name; a list is one field, its values with line breaks between */
    private function __construct(private string $form, private array $fields)
    {
    }

    /**
     * @param string                             $form   which form of which row
     * @param array<string, string|list<string>> $fields as they stand, by dotted name
     */
    public static function of(string $form, array $fields): self
    {
        return new self($form, array_map(self::text(...), $fields));
    }

    public function sealed(): string
    {
        return Crypt::encryptString((string) json_encode([$this->form, $this->fields]));
    }

    /** @return self|null null for what was not sealed here, or for another form */
    public static function opened(mixed $sealed, string $form): ?self
    {
        if (! is_string($sealed) || $sealed === '') {
            return null;
        }
        try {
            $told = json_decode(Crypt::decryptString($sealed), true);
        } catch (DecryptException) {
            return null;
        }
        if (! is_array($told) || ($told[0] ?? null) !== $form || ! is_array($told[1] ?? null)) {
            return null;
        }

        /** @var array<string, string> $fields */
        $fields = array_filter($told[1], is_string(...));

        return new self($form, array_map(self::text(...), $fields));
    }

    /**
     * What a form comes to that was filled in while the book may have gone on.
     *
     * @param self|null $seen what its filler saw; null where that is not known: then every field that came counts as
     *     touched
     * @param array<mixed> $typed the form as it came
     *
     * @return array{
     *     array<mixed>, array<string, string>,
     * } the form to go by, and by field what others made of a field that was touched here too
     */
    public function merged(?self $seen, array $typed): array
    {
        $conflicts = [];
        foreach ($this->fields + ($seen->fields ?? []) as $field => $any) {
            $now = $this->fields[$field] ?? null;
            $before = $seen === null ? null : $seen->fields[$field] ?? null;
            $came = Arr::has($typed, $field) ? self::text(Arr::get($typed, $field)) : null;
            $touched = $came !== null && ($seen === null || ! self::same($came, $before ?? ''));
            if ($touched) {
                if ($seen !== null && ! self::same($now ?? '', $before ?? '') && ! self::same($came, $now ?? '')) {
                    $conflicts[$field] = $now ?? '';
                }
            } elseif ($now === null) {
                // It was taken out meanwhile, and nobody here touched it.
                Arr::forget($typed, $field);
            } elseif ($seen === null && array_key_exists(explode('.', $field)[0], $typed)) {
                // Of a group that came as a whole, what is not in it is meant to be empty.
                continue;
            } elseif ($came === null || ! self::same($came, $now)) {
                Arr::set($typed, $field, $now === '' ? null : $now);
            }
        }

        return [$typed, $conflicts];
    }

    private static function text(mixed $value): string
    {
        if (is_array($value)) {
            $values = array_filter(array_map(self::text(...), $value), fn (string $one): bool => $one !== '');
            sort($values);

            return implode("\n", $values);
        }

        return is_scalar($value)
            ? trim(str_replace("\r\n", "\n", is_bool($value) ? (string) (int) $value : (string) $value))
            : '';
    }

    /** 12.5 and 12,50 are the same number. */
    private static function same(string $one, string $other): bool
    {
        $number = fn (string $text): string => preg_match('/^-?\d+(?:[.,]\d+)?$/', $text) === 1
            ? (string) (float) str_replace(',', '.', $text)
            : $text;

        return $number($one) === $number($other);
    }
}
