<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A file from elsewhere, to be looked through. */
final class ImportRequest extends FormRequest
{
    private const MOST_KILOBYTES = 60_000;
    private const CHOOSE = 'File: choose a .zip, .json, .vcf or .csv of under 60 MB that is not empty.';

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
                    ? $fail(self::CHOOSE)
                    : null,
            ],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['file.*' => self::CHOOSE];
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
