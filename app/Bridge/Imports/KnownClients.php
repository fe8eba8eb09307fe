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

    /** @var array<string, list<array{key: string, email: string, phone: string}>> by name, plainly written */
    private array $named = [];

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
            ->get(['id', 'salon_id', 'name', 'email', 'phone']);
        foreach ($heads as $head) {
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
