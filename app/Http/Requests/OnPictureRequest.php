<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Wording\Said;
use App\Wording\Words;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use InvalidArgumentException;
use Nagomi\Core\Parameters\Parameters;
use Nagomi\Core\Readings\PictureMeasure;

/** Taps on a picture that never leaves the tablet: two for its scale, two for a length or three for a ring. */
final class OnPictureRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $tap = ['required', 'numeric', 'between:0,20000'];

        return [
            'what' => ['required', Rule::in(['ring', 'length'])],
            'scale_mm' => ['required', 'numeric', 'between:1,1000'],
            'scale' => ['required', 'array', 'list', 'size:2'],
            'scale.*' => ['required', 'array', 'list', 'size:2'],
            'scale.*.*' => $tap,
            'taps' => ['required', 'array', 'list', 'size:' . ($this->input('what') === 'ring' ? 3 : 2)],
            'taps.*' => ['required', 'array', 'list', 'size:2'],
            'taps.*.*' => $tap,
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'scale_mm.*' => Words::say('refusals.on-picture.scale-mm'),
            'scale.*' => Words::say('refusals.on-picture.scale'),
            'taps.*' => Words::say('refusals.on-picture.taps'),
        ];
    }

    /**
     * @return array{mm: float, sd_mm: float}
     *
     * @throws ValidationException where the taps make no ring or no length
     */
    public function measured(): array
    {
        $picture = new PictureMeasure($this->container->make(Parameters::class)->readings->tapMissPx);
        $scale = $this->taps('scale');
        $taps = $this->taps('taps');
        try {
            [$mm, $sd] = $this->input('what') === 'ring'
                ? $picture->ringMm([$scale[0], $scale[1]], $this->float('scale_mm'), [$taps[0], $taps[1], $taps[2]])
                : $picture->lengthMm([$scale[0], $scale[1]], $this->float('scale_mm'), [$taps[0], $taps[1]]);
        } catch (InvalidArgumentException $wrong) {
            throw ValidationException::withMessages(['taps' => Said::why($wrong)]);
        }

        return ['mm' => round($mm, 1), 'sd_mm' => round($sd, 1)];
    }

    /** @return list<array{float, float}> */
    private function taps(string $name): array
    {
        $number = fn (mixed $value): float => is_numeric($value) ? (float) $value : 0.0;

        return array_values(array_map(
            fn (mixed $tap): array => is_array($tap) ? [$number($tap[0] ?? 0), $number($tap[1] ?? 0)] : [0.0, 0.0],
            (array) $this->input($name),
        ));
    }
}
