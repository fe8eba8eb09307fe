<?php

declare(strict_types=1);

namespace App\Wording;

use App\Models\Head;
use App\Models\Salon;
use App\Models\TrailEntry;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Str;
use Throwable;

/** What an entry of the trail says, in the reader's language. */
final readonly class TrailWords
{
    /** What nobody asks for: keys, and what is another's words for the same. */
    private const HIDDEN = [
        'id', 'salon_id', 'head_id', 'created_at', 'updated_at', 'sequence', 'reading', 'visit', 'carried', 'made_up',
    ];

    /** Values that are chosen from a list, each with where its words may stand. */
    private const LISTS = [
        'status' => ['nagomi.booking_statuses'], 'role' => ['people.role'], 'sign' => ['nagomi.signs', 'now.mind'],
        'place' => ['nagomi.places'], 'moment' => ['nagomi.moments'], 'test' => ['nagomi.tests'],
        'reminded_by' => ['intake.reminders'], 'density' => ['nagomi.densities'], 'styling_load' => ['nagomi.loads'],
        'climate' => ['nagomi.climates'], 'does' => ['chair-work.does'],
        'kind' => ['nagomi.kinds', 'nagomi.programmes', 'trials.ways'],
    ];

    /** What names somebody: hidden where names are. */
    private const NAMES = ['name', 'guardian_name', 'consent_by', 'cleared_by', 'confirmed_by', 'household'];

    private const LONGEST = 160;

    /** @param array<string, string> $names of people and bottles, by field and key, such as "user_id 4" */
    public function __construct(private Salon $salon, private array $names = [])
    {
    }

    public static function of(TrailEntry $entry): string
    {
        if (in_array($entry->event, ['created', 'updated', 'deleted'], true)) {
            return Words::say("trail.events.{$entry->event}", ['what' => Words::say('trail.of.' . self::kind($entry))]);
        }

        return Words::say('trail.said.' . Str::slug((string) $entry->description));
    }

    public static function kind(TrailEntry $entry): string
    {
        return class_basename((string) $entry->subject_type);
    }

    /** @return list<array{label: string, before: string, after: string}> what changed, in words */
    public function changes(TrailEntry $entry): array
    {
        $properties = $entry->properties?->all() ?? [];
        $hides = $entry->head_id !== null && ClientName::isHidden();
        if (isset($properties['field'])) {
            return [[
                'label' => Words::say('trail.private.' . Str::slug(self::text($properties['field']))),
                'before' => $hides ? '' : self::opened($properties['before'] ?? null),
                'after' => $hides ? Words::say('trail.hidden') : self::opened($properties['after'] ?? null),
            ]];
        }
        $after = is_array($properties['attributes'] ?? null) ? $properties['attributes'] : [];
        $before = is_array($properties['old'] ?? null) ? $properties['old'] : [];
        $changes = [];
        foreach (array_diff(array_unique([...array_keys($after), ...array_keys($before)]), self::HIDDEN) as $field) {
            $change = [
                'label' => Words::say("trail.fields.{$field}"),
                'before' => $this->value((string) $field, $before[$field] ?? null),
                'after' => $this->value((string) $field, $after[$field] ?? null),
            ];
            if ($change['before'] !== $change['after']) {
                $changes[] = $hides && in_array($field, self::NAMES, true)
                    ? ['before' => '', 'after' => Words::say('trail.hidden')] + $change
                    : $change;
            }
        }

        return $changes;
    }

    private function value(string $field, mixed $value): string
    {
        return match (true) {
            $value === null, $value === '', $value === [] => '',
            is_bool($value) => Words::say($value ? 'trail.yes' : 'trail.no'),
            in_array($field, Head::TOLD_BY_TICK, true) && is_string($value) => self::told($value),
            is_array($value) => trans_choice('trail.several', count(Arr::flatten($value))),
            isset($this->names["{$field} " . self::text($value)]) => $this->names["{$field} " . self::text($value)],
            str_ends_with($field, '_hundredths') && is_numeric($value) =>
                Words::number((float) $value / 100) . ' %',
            str_ends_with($field, '_cents') && is_numeric($value) =>
                Money::shown((int) $value, $this->salon->currency),
            str_ends_with($field, '_minute') && is_numeric($value) => SalonClock::shown((int) $value),
            is_numeric($value) => Words::number((float) $value),
            default => self::ofList($field, self::text($value))
                ?? $this->moment($field, self::text($value))
                ?? mb_substr(self::text($value), 0, self::LONGEST),
        };
    }

    private static function ofList(string $field, string $value): ?string
    {
        foreach (self::LISTS[$field] ?? [] as $list) {
            $words = trans("{$list}.{$value}");
            if (is_string($words) && $words !== "{$list}.{$value}") {
                return $words;
            }
        }

        return null;
    }

    /** A day, or a moment on the salon's clock; null where it is neither. */
    private function moment(string $field, string $text): ?string
    {
        if (preg_match('/^\d{4}-\d\d-\d\d/', $text) !== 1) {
            return null;
        }
        try {
            $at = CarbonImmutable::parse($text);
        } catch (Throwable) {
            return null;
        }

        return str_ends_with($field, '_at')
            ? SalonClock::dayInWords($at->setTimezone($this->salon->timezone), 'j M Y, G:i')
            : SalonClock::dayInWords($at, 'j M Y');
    }

    /** @param string $sealed yes or no */
    private static function told(string $sealed): string
    {
        return match (self::opened($sealed)) {
            '1' => Words::say('trail.yes'),
            '0' => Words::say('trail.no'),
            default => Words::say('trail.locked'),
        };
    }

    /** What is kept encrypted in the trail as well; a key that was lost opens nothing. */
    private static function opened(mixed $value): string
    {
        if (! is_string($value) || $value === '') {
            return '';
        }
        try {
            return mb_substr(Crypt::decryptString($value), 0, self::LONGEST);
        } catch (DecryptException) {
            return Words::say('trail.locked');
        }
    }

    private static function text(mixed $value): string
    {
        return is_scalar($value) ? (string) $value : '';
    }
}
