<?php

declare(strict_types=1);

namespace Nagomi\Core\Record;

use JsonException;
use Nagomi\Core\Wording\Message;

/** The JSON of a care record, taken apart within its limits. */
final class RecordJson
{
    private const MOST_BYTES = 5_000_000;

    /**
     * @return array<mixed>
     *
     * @throws InvalidRecord when it is too large, no JSON, or no object
     */
    public static function decoded(string $json): array
    {
        if (strlen($json) > self::MOST_BYTES) {
            throw new InvalidRecord([
                new RecordProblem('', Message::of('records.too-large')),
            ]);
        }
        try {
            $decoded = json_decode($json, true, 64, JSON_THROW_ON_ERROR);
        } catch (JsonException $exception) {
            throw new InvalidRecord(
                [new RecordProblem('', Message::of('records.no-json', why: $exception->getMessage()))],
            );
        }
        if (! is_array($decoded) || array_is_list($decoded)) {
            throw new InvalidRecord([new RecordProblem('', Message::of('records.no-object'))]);
        }

        return $decoded;
    }
}
