<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Bridge\Clients\PictureIntake;
use App\Models\User;
use App\Wording\Said;
use App\Wording\Words;
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
        $picture = Words::say('refusals.picture.string');

        return $this->forEveryRule([
            'kind' => Words::say('refusals.picture.kind'),
            'taken_on' => Words::say('refusals.picture.taken-on'),
            'consent' => Words::say('refusals.picture.consent'),
            'consent_by' => Words::say('refusals.picture.consent-by'),
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
                $validator->errors()->add('picture', Said::why($wrong));
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
        return $this->jpeg ?? throw new LogicException(Words::say('refusals.picture.picture'));
    }
}
