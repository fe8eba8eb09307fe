@include('errors.page', ['page' => '413'])
