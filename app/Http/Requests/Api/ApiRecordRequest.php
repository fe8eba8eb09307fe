<?php

declare(strict_types=1);

namespace App\Http\Requests\Api;

use App\Models\Head;
use App\Wording\Said;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Record\CareRecord;
use Nagomi\Core\Record\CareRecordReader;
use Nagomi\Core\Record\InvalidRecord;

/** A care record as the body of a request: right as a whole, or every problem named by where it stands. */
final class ApiRecordRequest extends FormRequest
{
    private const MOST_BYTES = 5_000_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [];
    }

    /** @throws ValidationException where it is no care record, or its client is in a book already */
    public function record(): CareRecord
    {
        $text = (string) $this->getContent();
        if (strlen($text) > self::MOST_BYTES) {
            throw ValidationException::withMessages(['record' => Words::say('refusals.record.boolean')])->status(413);
        }
        try {
            $record = CareRecordReader::read($text, $this->container->make(Parameters::class));
        } catch (InvalidRecord $invalid) {
            $errors = [];
            foreach ($invalid->problems as $problem) {
                $errors[$problem->path === '' ? 'record' : $problem->path][] = Said::of($problem->instead);
            }
            throw ValidationException::withMessages($errors);
        }
        if (! $this->query->getBoolean('copy') && Head::query()->whereKey($record->id)->exists()) {
            throw ValidationException::withMessages(['record' => Words::say('api.record-there')])->status(409);
        }

        return $record;
    }
}
