@include('errors.page', ['page' => '500'])
