<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bridge\Clients\PictureIntake;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Validator;
use InvalidArgumentException;
use LogicException;

/** A picture with the consent to it. */
final class PictureRequest extends FormRequest
{
    use Sentences;

    private const MOST_KILOBYTES = 12_000;

    /** @var array{string, int, int}|null */
    private ?array $jpeg = null;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        /** @var User $user */
        $user = $this->user();

        return [
            'picture' => ['bail', 'required', 'file', 'max:' . self::MOST_KILOBYTES],
            'kind' => ['required', 'in:before,after,other'],
            'taken_on' => [
                'required',
                'date_format:Y-m-d',
                'before_or_equal:' . $user->salon->today()->format('Y-m-d'),
                'after_or_equal:1990-01-01',
            ],
            'consent' => ['accepted'],
            'consent_by' => ['required', 'string', 'min:2', 'max:120'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $picture = 'Picture: choose a JPEG, PNG or WebP file of under 12 MB.';

        return $this->forEveryRule([
            'kind' => 'Kind: choose before, after or other.',
            'taken_on' => 'Taken on: type a day that exists and has been, such as 2027-02-28.',
            'consent' => 'Consent: ask, and tick it once the client (or a guardian) agrees to this picture being kept.',
            'consent_by' => 'Consent by: type who agreed.',
        ]) + [
            'picture.required' => $picture,
            'picture.file' => $picture,
            'picture.max' => $picture,
            'picture.uploaded' => $picture,
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            $file = $this->file('picture');
            if ($validator->errors()->has('picture') || ! $file instanceof UploadedFile) {
                return;
            }
            try {
                $this->jpeg = app(PictureIntake::class)->jpeg((string) $file->getRealPath());
            } catch (InvalidArgumentException $wrong) {
                $validator->errors()->add('picture', $wrong->getMessage());
            }
        });
    }

    /**
     * @return array{string, int, int} JPEG, width, height
     *
     * @throws LogicException when it is asked for before the request is validated
     */
    public function jpeg(): array
    {
        return $this->jpeg ?? throw new LogicException('A picture is read while it is validated.');
    }
}
