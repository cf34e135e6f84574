<?php

declare(strict_types=1);

// Blades by clarity (rule C7): row => clarity => blades, or [in water under 55 °F, in warmer]. Under a covered sky fair water
// takes the row "fair_covered" where there is one.
return [
    'single' => [
        'mud' => 'gold blade', 'stained' => 'gold blade', 'fair' => 'silver blade', 'fair_covered' => 'gold blade', 'clear' => 'silver blade',
        'gin' => 'silver blade',
    ],
    'underspin' => [
        'mud' => 'small gold blade', 'stained' => 'small gold blade', 'fair' => 'small silver blade', 'fair_covered' => 'small gold blade',
        'clear' => 'small silver blade', 'gin' => 'small silver blade',
    ],
    'inline' => [
        'mud' => 'painted or gold blade', 'stained' => 'painted or gold blade', 'fair' => 'painted or gold blade', 'clear' => 'silver blade',
        'gin' => 'silver blade',
    ],
    'spinnerbait' => [
        'mud' => 'painted Colorado, white, chartreuse or orange-red', 'stained' => ['gold Colorado', 'gold Colorado with a gold willow'],
        'fair' => ['silver and gold Indiana', 'silver and gold willow'], 'clear' => 'silver willow', 'gin' => 'silver willow',
    ],
];
