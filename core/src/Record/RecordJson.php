<?php

declare(strict_types=1);

namespace Nagomi\Core\Record;

use JsonException;

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
                new RecordProblem('', 'the file is larger than 5 MB; a care record of one head is far smaller.'),
            ]);
        }
        try {
            $decoded = json_decode($json, true, 64, JSON_THROW_ON_ERROR);
        } catch (JsonException $exception) {
            throw new InvalidRecord([new RecordProblem('', 'this is not JSON: ' . $exception->getMessage() . '.')]);
        }
        if (! is_array($decoded) || array_is_list($decoded)) {
            throw new InvalidRecord([new RecordProblem('', 'give one JSON object that holds the record.')]);
        }

        return $decoded;
    }
}
