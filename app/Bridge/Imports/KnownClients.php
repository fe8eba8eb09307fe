<?php

declare(strict_types=1);

namespace App\Bridge\Imports;

use App\Models\Head;
use App\Models\Salon;
use Illuminate\Support\Str;

/**
 * Who a name in somebody else's table is: a client of the salon, somebody further up in the file, or nobody yet. Two
 * of the same name are told apart by mail or phone; who shares a name and neither is somebody else.
 */
final class KnownClients
{
    private const NUMBER_DIGITS = 9;
    private const CONTACT = ['email', 'phone', 'born_on'];

    /** @var array<string, list<array{key: string, email: string, phone: string}>> by name, plainly written */
    private array $named = [];

    /** @var array<string, list<string>> columns nothing stands in yet, by key of a client of the salon */
    private array $lacks = [];

    /** @var array<string, list<string>> keys by mail and by number */
    private array $reached = [];

    private function __construct()
    {
    }

    public static function of(Salon $salon): self
    {
        $known = new self();
        /** @var iterable<Head> $heads */
        $heads = Head::query()
            ->where('salon_id', $salon->id)
            ->orderBy('id')
            ->get(['id', 'salon_id', 'name', ...self::CONTACT]);
        foreach ($heads as $head) {
            $known->lacks[$head->id] = array_values(array_filter(
                self::CONTACT,
                static fn (string $column): bool => in_array($head->getAttribute($column), [null, ''], true),
            ));
            $known->add($head->id, ['name' => $head->name, 'email' => $head->email, 'phone' => $head->phone]);
        }

        return $known;
    }

    /** @param array{name: string, email: string|null, phone: string|null} $who */
    public function add(string $key, array $who): void
    {
        [$email, $phone] = [self::mail($who['email']), self::number($who['phone'])];
        $this->named[self::plain($who['name'])][] = ['key' => $key, 'email' => $email, 'phone' => $phone];
        foreach (array_filter(["@{$email}" => $email, "#{$phone}" => $phone]) as $by => $said) {
            $this->reached[$by][] = $key;
        }
    }

    /**
     * @param array{name: string, email: string|null, phone: string|null} $who
     *
     * @return list<string> keys of all it could be: none, the one, or several that cannot be told apart
     */
    public function find(array $who): array
    {
        [$email, $phone] = [self::mail($who['email']), self::number($who['phone'])];
        if ($who['name'] === '') {
            return array_values(array_unique([
                ...$email === '' ? [] : $this->reached["@{$email}"] ?? [],
                ...$phone === '' ? [] : $this->reached["#{$phone}"] ?? [],
            ]));
        }
        $same = $others = [];
        foreach ($this->named[self::plain($who['name'])] ?? [] as $one) {
            $agrees = $email !== '' && $email === $one['email'] || $phone !== '' && $phone === $one['phone'];
            $differs = $email !== '' && $one['email'] !== '' || $phone !== '' && $one['phone'] !== '';
            if ($agrees) {
                $same[] = $one['key'];
            } elseif (! $differs) {
                $others[] = $one['key'];
            }
        }

        return $same === [] ? $others : $same;
    }

    /**
     * What a file says of a client who is here that nobody has written down yet.
     *
     * @param list<string>                                                                   $found keys of who it could be
     * @param array{email: string|null, phone: string|null, born_on: string|null, ...} $who
     *
     * @return list<string> columns of email, phone and born_on; none where it is not sure whose they are
     */
    public function fills(array $found, array $who): array
    {
        return array_values(array_filter(
            count($found) === 1 ? $this->lacks[$found[0]] ?? [] : [],
            static fn (string $column): bool => ($who[$column] ?? null) !== null,
        ));
    }

    /** @param array<mixed> $client as it comes in */
    public function holds(array $client): bool
    {
        $text = static fn (string $name): ?string => is_string($client[$name] ?? null) ? $client[$name] : null;

        return $this->find([
            'name' => (string) $text('name'), 'email' => $text('email'), 'phone' => $text('phone'),
        ]) !== [];
    }

    /** Letters and digits alone, without accents and capitals, parted by one blank. */
    public static function plain(string $words): string
    {
        $plain = mb_strtolower(Str::ascii($words));
        $letters = trim((string) preg_replace('/[^a-z0-9]+/', ' ', $plain));

        // What has no letters of ours is compared as it stands.
        return $letters === '' ? mb_strtolower(trim($words)) : $letters;
    }

    private static function mail(?string $email): string
    {
        return mb_strtolower(trim((string) $email));
    }

    /** Its last digits: one writes the country, another does not. */
    private static function number(?string $phone): string
    {
        $digits = (string) preg_replace('/\D/', '', (string) $phone);

        return strlen($digits) < 3 ? '' : substr($digits, -self::NUMBER_DIGITS);
    }
}
