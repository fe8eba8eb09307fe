<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Wording\Words;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A file from elsewhere, to be looked through. */
final class ImportRequest extends FormRequest
{
    private const MOST_KILOBYTES = 60_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'file' => [
                'required',
                'file',
                'max:' . self::MOST_KILOBYTES,
                fn (string $field, mixed $file, Closure $fail) => $file instanceof UploadedFile
                    && $file->getSize() === 0
                    ? $fail(Words::say('refusals.import.file'))
                    : null,
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['file.*' => Words::say('refusals.import.file')];
    }

    public function bytes(): string
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? (string) $file->getContent() : '';
    }

    public function filename(): string
    {
        $file = $this->file('file');

        return $file instanceof UploadedFile ? mb_substr($file->getClientOriginalName(), 0, 190) : '';
    }
}
