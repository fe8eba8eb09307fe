@include('errors.page', ['page' => '429'])
