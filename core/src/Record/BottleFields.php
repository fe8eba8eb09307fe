<?php

declare(strict_types=1);

namespace Nagomi\Core\Record;

use InvalidArgumentException;
use Nagomi\Core\Treatments\BottleContents;
use Nagomi\Core\Treatments\Content;
use Nagomi\Core\Treatments\ContentShare;

/**
 * What the bottle of a step holds as it stands in a care record: least, typical and most in % by weight of each content,
 * and how long its label lets it sit. A content that is not there, the bottle has nothing of.
 */
final class BottleFields
{
    private const LABEL = 'label_minutes';

    public static function read(RecordFields $fields): BottleContents
    {
        $shares = [];
        foreach (Content::cases() as $content) {
            if ($fields->has($content->value)) {
                $shares[$content->value] = self::share($fields->object($content->value), $fields, $content->value);
            }
            $fields->asked($content->value);
        }
        $minutes = $fields->has(self::LABEL)
            ? $fields->integer(self::LABEL, 1, 1, BottleContents::MOST_LABEL_MINUTES, 'minutes')
            : $fields->nothing(self::LABEL);
        $fields->nothingElse();

        return new BottleContents(array_filter($shares), $minutes);
    }

    /**
     * @param array<mixed>|null $stored as {@see self::write} wrote it
     *
     * @return BottleContents|null null where nothing was stored, or what stands there is none
     */
    public static function stored(?array $stored): ?BottleContents
    {
        $problems = new RecordProblems();
        $contents = $stored === null ? null : self::read(new RecordFields($stored, 'contents', $problems));

        return $problems->count() === 0 ? $contents : null;
    }

    private static function share(RecordFields $fields, RecordFields $of, string $name): ?ContentShare
    {
        [$low, $typical, $high] = array_map(
            static fn (string $which): float => $fields->number($which, 0, 0, 100, '%'),
            ['low_percent', 'typical_percent', 'high_percent'],
        );
        $fields->nothingElse();
        try {
            return new ContentShare($low, $typical, $high);
        } catch (InvalidArgumentException $wrong) {
            $of->refused($name, $wrong);

            return null;
        }
    }

    /** @return array<string, int|array<string, float>> only what it holds and says */
    public static function write(BottleContents $contents): array
    {
        $written = [];
        foreach (Content::cases() as $content) {
            $share = $contents->of($content);
            if ($share->highPercent > 0.0) {
                $written[$content->value] = [
                    'low_percent' => $share->lowPercent,
                    'typical_percent' => $share->typicalPercent,
                    'high_percent' => $share->highPercent,
                ];
            }
        }

        return $written + ($contents->labelMinutes === null ? [] : [self::LABEL => $contents->labelMinutes]);
    }
}
