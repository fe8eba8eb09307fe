<?php

declare(strict_types=1);

namespace Nagomi\Core\Record;

use Nagomi\Core\Safety\BarringSign;
use Nagomi\Core\Safety\Clearance;
use Nagomi\Core\Wording\Message;

/** Signs that barred treatments, as they stand in a care record. */
final class ClearanceFields
{
    public static function read(RecordFields $fields): ?Clearance
    {
        $sign = $fields->choice('sign', BarringSign::class);
        $raisedOn = $fields->date('raised_on');
        $raisedBy = $fields->string('raised_by', '', 120);
        $seen = $fields->string('seen', '', 2000);
        $cleared = $fields->has('cleared_on') || $fields->has('cleared_by');
        $clearedOn = $cleared ? $fields->date('cleared_on') : self::nothing($fields, 'cleared_on');
        $clearedBy = $cleared ? $fields->string('cleared_by', '', 120) : self::nothing($fields, 'cleared_by');
        if ($cleared && $clearedBy === '') {
            $fields->problem('cleared_by', Message::of('records.cleared-by'));
        }
        if ($clearedOn !== null && $raisedOn !== null && $clearedOn < $raisedOn) {
            $fields->problem(
                'cleared_on',
                Message::of('records.cleared-before', day: $raisedOn->format('Y-m-d')),
            );
        }
        $byReading = $fields->boolean('by_reading');
        $withdrawn = $fields->boolean('withdrawn');
        $confirmed = $fields->has('confirmed_on');
        $confirmedOn = $confirmed ? $fields->date('confirmed_on') : self::nothing($fields, 'confirmed_on');
        $confirmedBy = $confirmed ? $fields->string('confirmed_by', '', 120) : self::nothing($fields, 'confirmed_by');
        $fields->nothingElse();

        return $sign === null || $raisedOn === null
            ? null
            : new Clearance(
                $sign,
                $raisedOn,
                $raisedBy,
                $seen,
                $clearedOn,
                $clearedBy,
                $byReading,
                $confirmedOn,
                $confirmedBy,
                $withdrawn,
            );
    }

    /** @return array<string, mixed> */
    public static function write(Clearance $clearance): array
    {
        return [
            'sign' => $clearance->sign->value,
            'raised_on' => $clearance->raisedOn->format('Y-m-d'),
            'raised_by' => $clearance->raisedBy,
            'seen' => $clearance->seen,
            'cleared_on' => $clearance->clearedOn?->format('Y-m-d'),
            'cleared_by' => $clearance->clearedBy,
        ] + array_filter([
            'by_reading' => $clearance->byReading,
            'confirmed_on' => $clearance->confirmedOn?->format('Y-m-d'),
            'confirmed_by' => $clearance->confirmedBy,
            'withdrawn' => $clearance->withdrawn,
        ]);
    }

    private static function nothing(RecordFields $fields, string $name): null
    {
        $fields->raw($name);

        return null;
    }
}
