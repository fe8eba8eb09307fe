<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Head;
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
        $sentence = 'Choose a care record of under 5 MB, a file that ends in .json.';

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
                        ($problem->path === '' ? '' : "{$problem->path}: ") . $problem->sentence,
                    );
                }
                $more = count($invalid->problems) - self::PROBLEMS_SHOWN;
                if ($more > 0) {
                    $validator->errors()->add('record', "… and {$more} more.");
                }

                return;
            }
            if (! $this->boolean('copy') && Head::query()->whereKey($this->record->id)->exists()) {
                $validator->errors()->add(
                    'record',
                    'This head is already in your book. Tick “as a second copy” to take it in beside it.',
                );
            }
        });
    }

    /** @throws LogicException when it is asked for before the request is validated */
    public function record(): CareRecord
    {
        return $this->record ?? throw new LogicException('A record is read while it is validated.');
    }
}
