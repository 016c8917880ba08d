package grimygasket.server.documents;

import grimygasket.server.calls.records.CallStore;
import grimygasket.server.customers.AddressStore;
import grimygasket.server.customers.CustomerStore;
import grimygasket.server.web.Attachment;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** All that is kept of a customer as one file. */
@RestController
class CustomerDocumentController {
    private final CustomerStore customers;
    private final AddressStore addresses;
    private final CallStore calls;
    private final CallDocuments documents;

    CustomerDocumentController(
            CustomerStore customers, AddressStore addresses, CallStore calls, CallDocuments documents) {
        this.customers = customers;
        this.addresses = addresses;
        this.calls = calls;
        this.documents = documents;
    }

    @GetMapping("/api/customers/{customerId}/customer.json")
    ResponseEntity<CustomerDocument> document(@PathVariable UUID customerId) {
        var document = new CustomerDocument(
                CustomerDocument.FORMAT,
                CustomerDocument.VERSION,
                customers.customer(customerId),
                addresses.of(customerId),
                calls.ofCustomer(customerId).stream().map(documents::of).toList());
        return Attachment.of("customer-" + customerId + ".json", MediaType.APPLICATION_JSON, document);
    }
}
