<?php

declare(strict_types=1);

namespace Nagomi\Core\Statistics;

/** The standard bivariate normal distribution. */
final class BivariateNormal
{
    /** Nodes and weights of 20-point Gauss–Legendre quadrature on −1..1, positive half. */
    private const GAUSS = [
        [0.0765265211334973, 0.1527533871307258], [0.2277858511416451, 0.1491729864726037],
        [0.3737060887154195, 0.1420961093183820],
        [0.5108670019508271, 0.1316886384491766], [0.6360536807265150, 0.1181945319615184],
        [0.7463319064601508, 0.1019301198172404],
        [0.8391169718222188, 0.0832767415767048], [0.9122344282513259, 0.0626720483341091],
        [0.9639719272779138, 0.0406014298003869],
        [0.9931285991850949, 0.0176140071391521],
    ];

    /**
     * P(X ≤ x, Y ≤ y) for standard normal X and Y with the given correlation, by Plackett's formula in the
     * angle form of Drezner & Wesolowsky (J Stat Comput Simul 1990;35:101–107): the integral over
     * asin(ρ) of exp(−(x² + y² − 2xy·sin θ)/(2·cos² θ)), divided by 2π, added to Φ(x)Φ(y).
     */
    public static function cumulative(float $x, float $y, float $correlation): float
    {
        $both = Normal::cumulative($x) * Normal::cumulative($y);
        // Near ±1 the integrand turns into a step; a state that certain of a relation is capped just short of it.
        $angle = asin(max(-0.9995, min(0.9995, $correlation)));
        if (abs($angle) < 1e-12 || is_infinite($x) || is_infinite($y)) {
            return $both;
        }
        $sum = 0.0;
        $panels = abs($correlation) > 0.9 ? 6 : 1;
        $width = $angle / $panels;
        for ($panel = 0; $panel < $panels; $panel++) {
            foreach (self::GAUSS as [$node, $weight]) {
                foreach ([-$node, $node] as $signed) {
                    $theta = $width * ($panel + 0.5 + 0.5 * $signed);
                    $sine = sin($theta);
                    $sum += $weight * exp(-($x * $x + $y * $y - 2 * $x * $y * $sine) / (2 * (1 - $sine * $sine)));
                }
            }
        }

        return max(0.0, min(1.0, $both + $sum * $width / 2 / (2 * M_PI)));
    }
}
