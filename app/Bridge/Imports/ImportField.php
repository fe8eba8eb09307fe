<?php

declare(strict_types=1);

namespace App\Bridge\Imports;

/** What a column of somebody else's table can hold. */
enum ImportField: string
{
    case Name = 'name';
    case Given = 'given';
    case Family = 'family';
    case Email = 'email';
    case Phone = 'phone';
    case Born = 'born';
    case Household = 'household';
    case Notes = 'notes';
    case Allergies = 'allergies';
    case LastWash = 'last-wash';
    case LastMask = 'last-mask';
    case LastMildProtein = 'last-mild-protein';
    case LastStrongProtein = 'last-strong-protein';
    case LastClarifying = 'last-clarifying';
    case LastChemicalService = 'last-chemical-service';
    case LastTrim = 'last-trim';
    case Day = 'day';
    case Time = 'time';
    case Ends = 'ends';
    case Minutes = 'minutes';
    case Service = 'service';
    case Stylist = 'stylist';
    case Price = 'price';
    case Status = 'status';
    case Treatment = 'treatment';
    case Millimetres = 'millimetres';
    case DidWash = 'did-wash';
    case DidMask = 'did-mask';
    case DidMildProtein = 'did-mild-protein';
    case DidStrongProtein = 'did-strong-protein';
    case DidClarifying = 'did-clarifying';
    case DidChemicalService = 'did-chemical-service';
    case DidTrim = 'did-trim';

    private const WHO = [self::Name, self::Given, self::Family, self::Email, self::Phone];

    /** @return non-empty-list<self> what a table of a kind may hold, in the order it is offered in */
    public static function of(ImportSubject $subject): array
    {
        return match ($subject) {
            ImportSubject::Clients => [
                ...self::WHO, self::Born, self::Household, self::Notes, self::Allergies, ...self::lastTimes(),
            ],
            ImportSubject::Bookings => [
                ...self::WHO, self::Day, self::Time, self::Ends, self::Minutes, self::Service, self::Stylist,
                self::Price, self::Status,
            ],
            ImportSubject::Treatments => [
                ...self::WHO, self::Day, self::Treatment, self::Millimetres, ...self::marks(),
            ],
        };
    }

    /** @return non-empty-list<self> columns that say when something was done last */
    public static function lastTimes(): array
    {
        return [
            self::LastWash, self::LastMask, self::LastMildProtein, self::LastStrongProtein, self::LastClarifying,
            self::LastChemicalService, self::LastTrim,
        ];
    }

    /** @return non-empty-list<self> columns that hold a mark where a treatment was done, one column for each */
    public static function marks(): array
    {
        return [
            self::DidWash, self::DidMask, self::DidMildProtein, self::DidStrongProtein, self::DidClarifying,
            self::DidChemicalService, self::DidTrim,
        ];
    }

    /** @return string|null what the notebook calls the treatment this is the last time, or the mark, of */
    public function treatment(): ?string
    {
        return preg_match('/^(?:last|did)-(.+)$/', $this->value, $part) === 1 ? $part[1] : null;
    }

    public function isDay(): bool
    {
        return in_array($this, [self::Day, self::Born, ...self::lastTimes()], true);
    }

    /** @return bool whether its words are matched with words of the salon */
    public function hasWords(): bool
    {
        return in_array($this, [self::Service, self::Stylist, self::Status, self::Treatment], true);
    }
}
