<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** The archive of a salon, brought to a machine that holds none. */
final class FirstArchiveRequest extends FormRequest
{
    private const MOST_KILOBYTES = 60_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'archive_code' => ['bail', 'required', 'string', 'max:40', new CodeOfTerminal()],
            'archive' => ['required', 'file', 'max:' . self::MOST_KILOBYTES],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'archive_code.*' => Words::say('begin.wrong.code'),
            'archive.required' => Words::say('restore.no-archive'),
            'archive.*' => Words::say('restore.large'),
        ];
    }

    /** What is wrong stands at the end of a long page. */
    protected function getRedirectUrl(): string
    {
        return route('begin') . '#back';
    }

    public function pathOfArchive(): string
    {
        $file = $this->file('archive');

        return $file instanceof UploadedFile ? $file->getPathname() : '';
    }
}
