<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Head;
use App\Wording\Said;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Validator;
use LogicException;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Record\CareRecord;
use Nagomi\Core\Record\CareRecordReader;
use Nagomi\Core\Record\InvalidRecord;

/** A care record to take in: right as a whole, or every problem named and nothing stored. */
final class RecordRequest extends FormRequest
{
    private const MOST_KILOBYTES = 5000;
    private const PROBLEMS_SHOWN = 40;

    private ?CareRecord $record = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'record' => ['bail', 'required', 'file', 'max:' . self::MOST_KILOBYTES],
            'copy' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $sentence = Words::say('refusals.record.boolean');

        return [
            'record.required' => $sentence,
            'record.file' => $sentence,
            'record.max' => $sentence,
            'record.uploaded' => $sentence,
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            $file = $this->file('record');
            if ($validator->errors()->isNotEmpty() || ! $file instanceof UploadedFile) {
                return;
            }
            try {
                $this->record = CareRecordReader::read($file->getContent(), $this->container->make(Parameters::class));
            } catch (InvalidRecord $invalid) {
                foreach (array_slice($invalid->problems, 0, self::PROBLEMS_SHOWN) as $problem) {
                    $validator->errors()->add(
                        'record',
                        Said::of($problem->path === '' ? $problem->instead : $problem->line()),
                    );
                }
                $more = count($invalid->problems) - self::PROBLEMS_SHOWN;
                if ($more > 0) {
                    $validator->errors()->add('record', Words::say('refusals.record.more', ['more' => $more]));
                }

                return;
            }
            if (! $this->boolean('copy') && Head::query()->whereKey($this->record->id)->exists()) {
                $validator->errors()->add(
                    'record',
                    Words::say('refusals.record.record'),
                );
            }
        });
    }

    /** @throws LogicException when it is asked for before the request is validated */
    public function record(): CareRecord
    {
        return $this->record ?? throw new LogicException(Words::say('refusals.record.record-2'));
    }
}
