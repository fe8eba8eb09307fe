<?php

declare(strict_types=1);

use Tests\Feature\FeatureTestCase;

pest()->extend(FeatureTestCase::class)->in('Feature');
